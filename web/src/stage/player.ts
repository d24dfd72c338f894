/**
 * Plays a practice: the sounds at their times on the audio clock, and the position read from that same
 * clock, so that voice and picture cannot drift apart. The practice may be changed under it: what sounds goes on to its
 * end, what has not begun is taken from the new one.
 */
import type { Session, StageSound } from "../shared/api";
import { speechAddress } from "../shared/speech";

const AHEAD_S = 6;
const BEGIN_S = 0.12;
const EVERY_MS = 250;
const KEPT = 160;
const LATE_S = 0.3;
const FADE_S = 0.015;

type Speech = Session["speech"];

interface Source {
  node: AudioBufferSourceNode;
  gain: GainNode;
  sound: StageSound;
  /** When it begins and ends, on the audio clock in seconds. */
  start: number;
  end: number;
}

export class Player {
  private context: AudioContext | null = null;
  private readonly buffers = new Map<string, Promise<AudioBuffer | null>>();
  private sources: Source[] = [];
  private next = 0;
  private zero = 0;
  private at = 0;
  private timer: number | undefined;
  private run = 0;
  private last = 0;
  /** Words and tones before this place are not begun any more. */
  private over = Number.NEGATIVE_INFINITY;
  /** The place where it waits until it is let go on; null: nowhere. */
  stopAt: number | null = null;
  playing = false;
  /** Whether it stands at `stopAt`. */
  holding = false;
  muted = false;

  constructor(
    private sounds: StageSound[],
    private totalMs: number,
    private speech: Speech,
    private readonly onEnd: () => void,
    private readonly onHold: () => void = () => {},
  ) {}

  /** Take another practice, and stand (or play on) at a place of it: a jump. */
  async change(sounds: StageSound[], totalMs: number, speech: Speech, at: number): Promise<void> {
    const was = this.playing;
    this.pause();
    this.sounds = sounds;
    this.totalMs = totalMs;
    this.speech = speech;
    this.at = at;
    if (was) await this.play();
  }

  /** Take another practice while it plays, at a place of it that is heard right now: what sounds goes on to its end. */
  swap(sounds: StageSound[], totalMs: number, at: number): void {
    const context = this.context;
    if (!this.playing || !context) return;
    const now = context.currentTime;
    this.run++;
    for (const s of this.sources) {
      // What sounds under it is another piece now; what has not begun will come from the new practice.
      if (s.start > now || s.sound.kind === "ground") this.fade(s, s.start > now ? 0 : 0.4);
    }
    this.sources = this.sources.filter((s) => s.start <= now && s.sound.kind !== "ground");
    this.sounds = sounds;
    this.totalMs = totalMs;
    this.at = at;
    this.zero = now - this.late() - at / 1000;
    this.over = at - LATE_S * 1000;
    this.next = sounds.findIndex((s) => s.at_ms + s.ms > at);
    if (this.next < 0) this.next = sounds.length;
    this.tick();
  }

  /** Whether somebody speaks now, or is about to. */
  speaking(): boolean {
    const now = this.position();
    return this.sounds.some((s) => s.kind === "speech" && s.at_ms - 500 < now && now < s.at_ms + s.ms);
  }

  /** The cues whose words have left for the loudspeaker when a place is heard, from a place on. */
  begun(from: number, by: number): string[] {
    const left = by + this.late() * 1000;
    return this.sounds
      .filter((s) => s.kind === "speech" && s.at_ms >= from && s.at_ms <= left)
      .flatMap((s) => [...s.cues]);
  }

  /** How long is still spoken after a place, of what begins before it. */
  busy(at: number): number {
    const now = this.context?.currentTime ?? 0;
    const planned = this.sounds
      .filter((s) => s.kind === "speech" && s.at_ms <= at + this.late() * 1000)
      .map((s) => s.at_ms + s.ms - at);
    const sounding = this.sources
      .filter((s) => s.sound.kind === "speech" && s.start <= now)
      .map((s) => (s.end - now) * 1000 - (at - this.position()));
    return Math.max(0, Math.round(Math.max(0, ...planned, ...sounding)));
  }

  /** The place in the practice that is heard now, in milliseconds. */
  position(): number {
    if (!this.playing || !this.context) return this.at;
    const most = this.stopAt ?? this.totalMs;
    return Math.min(most, this.totalMs, Math.max(this.at, this.heard()));
  }

  private late(): number {
    return this.context?.outputLatency || this.context?.baseLatency || 0;
  }

  /** The audio clock's time of what leaves the loudspeaker now. */
  private heard(): number {
    return ((this.context?.currentTime ?? 0) - this.late() - this.zero) * 1000;
  }

  async play(): Promise<void> {
    if (this.playing) return;
    if (this.at >= this.totalMs) this.at = 0;
    this.context ??= new AudioContext({ latencyHint: "interactive" });
    const run = ++this.run;
    await this.context.resume();
    // What sounds first must be there when it begins.
    const soon = this.sounds.filter((s) => s.at_ms + s.ms > this.at && s.at_ms < this.at + 3000);
    await Promise.all(soon.map((s) => this.buffer(s)));
    if (run !== this.run) return;
    this.playing = true;
    this.zero = this.context.currentTime + BEGIN_S - this.at / 1000;
    // After waiting at a place, what had begun before it is not begun again.
    this.over = this.holding ? this.at : Number.NEGATIVE_INFINITY;
    this.holding = false;
    this.next = this.sounds.findIndex((s) => s.at_ms + s.ms > this.at);
    if (this.next < 0) this.next = this.sounds.length;
    this.last = performance.now();
    this.tick();
    this.timer = window.setInterval(() => this.tick(), EVERY_MS);
  }

  pause(): void {
    this.at = this.position();
    this.playing = false;
    this.holding = false;
    this.run++;
    window.clearInterval(this.timer);
    for (const s of this.sources) this.fade(s, 0);
    this.sources = [];
  }

  /** Wait at `stopAt`: what is being said is said to its end. */
  private hold(): void {
    const now = this.context?.currentTime ?? 0;
    this.at = this.stopAt ?? this.position();
    this.playing = false;
    this.holding = true;
    this.run++;
    window.clearInterval(this.timer);
    for (const s of this.sources) if (s.start > now || s.sound.kind === "ground") this.fade(s, 0.3);
    this.sources = [];
    this.onHold();
  }

  async seek(ms: number): Promise<void> {
    const was = this.playing;
    this.pause();
    this.at = Math.min(this.totalMs, Math.max(0, ms));
    if (was) await this.play();
  }

  close(): void {
    this.pause();
    void this.context?.close();
    this.context = null;
  }

  private fade({ node, gain }: Source, more: number): void {
    const now = this.context?.currentTime ?? 0;
    gain.gain.setTargetAtTime(0, now, FADE_S + more / 4);
    node.stop(now + 0.08 + more);
  }

  private tick(): void {
    if (!this.context) return;
    // A tab in the background is woken once a second or less: the more is put on the clock beforehand.
    const now = performance.now();
    const ahead = this.heard() + AHEAD_S * 1000 + Math.min(60_000, 2 * (now - this.last));
    this.last = now;
    for (; this.next < this.sounds.length; this.next++) {
      const sound = this.sounds[this.next];
      if (!sound || sound.at_ms > ahead) break;
      if (this.stopAt !== null && sound.at_ms >= this.stopAt) break;
      if (sound.kind === "ground" || sound.at_ms >= this.over) void this.place(sound, this.run);
    }
    if (this.stopAt !== null && this.stopAt < this.totalMs && this.heard() >= this.stopAt) this.hold();
    else if (this.heard() >= this.totalMs) {
      this.pause();
      this.at = this.totalMs;
      this.onEnd();
    }
  }

  /** Look at once whether a place was reached; for a picture that is drawn more often than sounds are placed. */
  look(): void {
    if (this.playing && this.stopAt !== null && this.heard() >= this.stopAt) this.tick();
  }

  /** Put a sound on the audio clock; if it should have begun already, its beginning is skipped. */
  private async place(sound: StageSound, run: number): Promise<void> {
    const buffer = await this.buffer(sound);
    const context = this.context;
    if (!buffer || !context || run !== this.run) return;
    const start = this.zero + sound.at_ms / 1000;
    const behind = context.currentTime - start;
    const within = this.at / 1000 - sound.at_ms / 1000;
    const skip = Math.max(0, behind, within);
    // Half a sentence helps nobody: what comes too late is not said, but for where one goes on in the middle of it.
    if (skip >= buffer.duration || (sound.kind === "speech" && behind > LATE_S && behind > within)) return;
    const node = new AudioBufferSourceNode(context, { buffer });
    const gain = new GainNode(context, { gain: this.muted && sound.kind === "speech" ? 0 : 1 });
    node.connect(gain).connect(context.destination);
    // A long piece is played once and needs no keeping.
    if (sound.address) this.buffers.delete(sound.address);
    node.start(start + skip, skip);
    const entry = { node, gain, sound, start, end: start + buffer.duration };
    this.sources.push(entry);
    node.onended = () => {
      this.sources = this.sources.filter((s) => s !== entry);
    };
  }

  /** Say the words, or leave them to the instructor. */
  mute(on: boolean): void {
    this.muted = on;
    for (const s of this.sources) if (s.sound.kind === "speech") s.gain.gain.value = on ? 0 : 1;
  }

  private buffer(sound: StageSound): Promise<AudioBuffer | null> {
    const url = this.address(sound);
    let wanted = this.buffers.get(url);
    if (!wanted) {
      wanted = fetch(url)
        .then((r) => (r.ok ? r.arrayBuffer() : Promise.reject(new Error(r.statusText))))
        .then((data) => (this.context as AudioContext).decodeAudioData(data))
        .catch(() => {
          this.buffers.delete(url);
          return null;
        });
      this.buffers.set(url, wanted);
      const oldest = this.buffers.keys().next().value;
      if (this.buffers.size > KEPT && oldest) this.buffers.delete(oldest);
    }
    return wanted;
  }

  private address(sound: StageSound): string {
    if (sound.address) return sound.address;
    if (sound.kind !== "speech") return `/api/sound/${sound.kind}.wav?ms=${sound.ms}`;
    return speechAddress(sound.voiced || sound.text, this.speech);
  }
}
