/** The guide, made into sections by `vite.config.ts`. */
declare module "*/guide.md" {
  const sections: { id: string; title: string; html: string }[];
  export default sections;
}
