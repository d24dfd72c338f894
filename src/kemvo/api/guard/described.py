"""The page that describes the API: every path with what it does, from the description itself; nothing is loaded for it."""

from __future__ import annotations

import html
from typing import Any

STYLE = (
    "body{font:16px/1.5 Georgia,serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#1b2a2f;background:#fffdf8}"
    "h2{margin:1.6rem 0 .2rem;border-top:1px solid #bbb;padding-top:.6rem}code{background:#eee8da;padding:0 .3em}"
    "li{margin:.5rem 0}.how{font-weight:bold;display:inline-block;min-width:4.5rem}.quiet{color:#5b666a}"
)


def described(openapi: dict[str, Any]) -> str:
    """An OpenAPI description as a page."""
    e = html.escape
    by_tag: dict[str, list[str]] = {}
    for path, ways in openapi["paths"].items():
        for how, row in ways.items():
            taken = ", ".join(
                f"{p['name']}{'' if p.get('required') else ' (optional)'}" for p in row.get("parameters", [])
            )
            body = ", ".join(row.get("requestBody", {}).get("content", {}))
            about = " · ".join(x for x in (taken and f"takes {taken}", body and f"body {body}") if x)
            by_tag.setdefault((row.get("tags") or ["other"])[0], []).append(
                f"<li><span class=how>{how.upper()}</span> <code>{e(path)}</code><br>{e(row.get('description', ''))}"
                f"<br><span class=quiet>{e(about)}</span>"
            )
    parts = "".join(f"<h2>{e(tag)}</h2><ul>{''.join(rows)}</ul>" for tag, rows in by_tag.items())
    return (
        f"<!doctype html><html lang=en><meta charset=utf-8><title>Kemvo: the API</title><style>{STYLE}</style>"
        f"<h1>The API of Kemvo {e(openapi['info']['version'])}</h1><p>The whole description, with the shape of everything"
        f" sent and answered: <a href=/api/openapi.json>openapi.json</a> (OpenAPI {e(openapi['openapi'])}).</p>{parts}"
    )
