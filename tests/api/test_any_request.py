"""Whatever is sent to the API, it answers as its own description says, and never with an error of its own making."""

import schemathesis
from hypothesis import HealthCheck, settings

from kemvo.api.app import create_app


def _schema():
    import tempfile
    from pathlib import Path

    return schemathesis.openapi.from_asgi("/api/openapi.json", create_app(Path(tempfile.mkdtemp())))


schema = _schema()


@schema.exclude(path_regex="/events|/render").parametrize()
@settings(max_examples=12, suppress_health_check=list(HealthCheck))
def test_no_request_breaks_the_server(case: schemathesis.Case) -> None:
    response = case.call()
    assert response.status_code < 500, response.text
    if response.status_code >= 400:
        assert "application/problem+json" in response.headers["content-type"] or response.status_code in (400, 405)
