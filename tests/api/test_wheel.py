"""Kemvo as a package: the wheel holds the built pages, and an environment of its own serves them."""

import os
import re
import subprocess
import sys
import sysconfig
import venv
import zipfile
from pathlib import Path

import httpx
import pytest

ROOT = Path(__file__).parents[2]


@pytest.mark.long
def test_the_wheel_installed_elsewhere_serves_its_pages(tmp_path: Path) -> None:
    build = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", str(tmp_path)]
    subprocess.run(build, cwd=ROOT, check=True, capture_output=True)
    (wheel,) = tmp_path.glob("kemvo-*.whl")
    inside = set(zipfile.ZipFile(wheel).namelist())
    for needed in ("api/pages/index.html", "catalogue/postures.toml", "core/reading/learned/likely_words.txt"):
        assert f"kemvo/{needed}" in inside
    assert any(name.startswith("kemvo/store/schema/") for name in inside)

    venv.create(tmp_path / "new", with_pip=False)
    python = tmp_path / "new/bin/python"
    install = [sys.executable, "-m", "pip", "--python", str(python), "install", "--quiet", "--no-deps", str(wheel)]
    subprocess.run(install, check=True, capture_output=True)
    (packages,) = (tmp_path / "new/lib").glob("python*/site-packages")
    # What Kemvo needs is taken from here; Kemvo itself is the one just installed, which comes first.
    (packages / "others.pth").write_text(sysconfig.get_path("purelib"))
    env = {k: v for k, v in os.environ.items() if k != "PYTHONPATH"} | {"KEMVO_HOME": str(tmp_path / "home")}
    server = subprocess.Popen(
        [str(python), "-m", "kemvo.cli", "serve", "--port", "0", "--no-browser"],
        stdout=subprocess.PIPE, text=True, env=env, cwd=tmp_path,
    )  # fmt: skip
    try:
        address = re.search(r"http://\S+", server.stdout.readline())[0].replace("localhost", "127.0.0.1")
        page = httpx.get(address).text
        script = re.search(r'src="(/assets/[^"]+\.js)"', page)[1]
        assert httpx.get(f"{address}{script}").status_code == 200
        assert httpx.get(f"{address}/api/forms").json() == []
    finally:
        server.terminate()
        server.wait(10)
    where = subprocess.run(
        [str(python), "-c", "import kemvo; print(kemvo.__file__)"],
        capture_output=True,
        text=True,
        cwd=tmp_path,
        env=env,
    )
    assert str(tmp_path / "new") in where.stdout
