"""Fails when the front end's types or the published schemas were not made from the code as it is now: run "make types"."""

import json
import sys
import tempfile
from pathlib import Path

from kemvo.api.app import create_app
from kemvo.api.base.bounds import bounds_of
from kemvo.core.views.blanks import blanks
from kemvo.formats.documents.schemas import SCHEMAS, schema_of

ROOT = Path(__file__).parent.parent
KEPT = ROOT / "web/src/shared/openapi.json"

with tempfile.TemporaryDirectory() as folder:
    now = create_app(Path(folder)).openapi()
if json.loads(KEPT.read_text()) != now:
    sys.exit("The web API has changed since its types were made. Run “make types” and commit the result.")
if json.loads((ROOT / "web/src/shared/blanks.json").read_text()) != {
    **blanks(),
    "bounds": bounds_of(now["components"]["schemas"]),
}:
    sys.exit("What new rows begin with has changed. Run “make types” and commit the result.")
for kind in SCHEMAS:
    if json.loads((ROOT / f"docs/schema/{kind}.schema.json").read_text()) != schema_of(kind):
        sys.exit(f"The files of kind “{kind}” have changed since their schema. Run “make types” and commit the result.")
