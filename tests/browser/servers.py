"""A process that serves one data folder after another, so that each test need not wait for Python to start.

A line on the standard input is a folder to serve; the answer is its address. A line "stop" and an address ends that server.
"""

import os
import socket
import sys
import threading
from pathlib import Path

import uvicorn

from kemvo.api.app import create_app
from kemvo.serve import rarely_look_for_garbage

rarely_look_for_garbage()
running: dict[str, tuple[uvicorn.Server, threading.Thread]] = {}
for line in sys.stdin:
    said = line.strip()
    if said.startswith("stop "):
        server, thread = running.pop(said.removeprefix("stop "))
        server.should_exit = server.force_exit = True
        thread.join(10)
        print("stopped", flush=True)
        continue
    listener = socket.create_server(("127.0.0.1", 0))
    server = uvicorn.Server(uvicorn.Config(create_app(Path(said)), log_level="warning"))
    thread = threading.Thread(target=server.run, kwargs={"sockets": [listener]}, daemon=True)
    thread.start()
    address = f"http://127.0.0.1:{listener.getsockname()[1]}"
    running[address] = server, thread
    print(address, flush=True)
os._exit(0)  # without waiting for work that nobody waits for any more
