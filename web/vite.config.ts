import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { marked } from "marked";
import { defineConfig, type Plugin } from "vite";

/** The guide as sections of HTML, made when the pages are built: help needs no network and no reader of its own. */
function guide(): Plugin {
  return {
    name: "guide",
    enforce: "pre",
    transform(text, id) {
      if (!id.endsWith("guide.md")) return null;
      const sections = text
        .split(/^## /m)
        .slice(1)
        .map((part) => {
          const [heading = "", ...rest] = part.split("\n");
          const title = heading.replace(/^\d+\. /, "");
          const name = title.toLowerCase().replace(/[^a-z]+/g, "-");
          return { id: name, title, html: marked.parse(rest.join("\n"), { async: false }) };
        });
      return `export default ${JSON.stringify(sections)}`;
    },
  };
}

export default defineConfig({
  plugins: [guide(), react(), tailwindcss()],
  build: { outDir: "../src/kemvo/api/pages", emptyOutDir: true },
  server: { proxy: { "/api": "http://127.0.0.1:8137" } },
});
