"""Fails when the front end's types were not made from the API as it is now: run "make types"."""

import json
import sys
import tempfile
from pathlib import Path

from kemvo.api.app import create_app

KEPT = Path(__file__).parent.parent / "web/src/shared/openapi.json"

with tempfile.TemporaryDirectory() as folder:
    now = create_app(Path(folder)).openapi()
if json.loads(KEPT.read_text()) != now:
    sys.exit("The web API has changed since its types were made. Run “make types” and commit the result.")
