"""The tracks of a session as a browser takes them: every cue of a `<track>` at its time, with its words."""

from playwright.sync_api import Page

CUES = """async address => {
  const video = document.createElement('video')
  const track = document.createElement('track')
  track.kind = 'metadata'
  track.src = address
  video.append(track)
  document.body.append(video)
  track.track.mode = 'hidden'
  await new Promise((done, failed) => { track.onload = done; track.onerror = failed })
  return [...track.track.cues].map(c => [Math.round(c.startTime * 1000), Math.round(c.endTime * 1000),
    c.getCueAsHTML().textContent])
}"""


def test_chromium_reads_the_captions_as_they_are_said(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions")
    session = f"{demo}/api/sessions/thursday-class"
    said = [s for s in page.request.get(f"{session}/stage").json()["sounds"] if s["kind"] == "speech"]
    read = page.evaluate(CUES, f"{session}/captions.vtt")
    assert len(read) == len(said) > 20
    assert [(a, b) for a, b, _ in read] == [(s["at_ms"], s["at_ms"] + s["ms"]) for s in said]
    assert [words for _, _, words in read] == [" ".join(s["text"].split()) for s in said]
    chapters = page.evaluate(CUES, f"{session}/cue-files/chapters")
    assert [a for a, _, _ in chapters] == sorted(a for a, _, _ in chapters)
    assert len(chapters) > 3
