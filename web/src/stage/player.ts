/**
 * Plays a practice: the sounds at their times on the audio clock, and the position read from that same
 * clock, so that voice and picture cannot drift apart.
 */
import type { Session, StageSound } from "../shared/api";
import { speechAddress } from "../shared/speech";

const AHEAD_S = 6;
const BEGIN_S = 0.12;
const EVERY_MS = 250;
const KEPT = 160;
const LATE_S = 0.3;

type Speech = Session["speech"];

export class Player {
  private context: AudioContext | null = null;
  private readonly buffers = new Map<string, Promise<AudioBuffer | null>>();
  private sources: { node: AudioBufferSourceNode; gain: GainNode }[] = [];
  private next = 0;
  private zero = 0;
  private at = 0;
  private timer: number | undefined;
  private run = 0;
  playing = false;

  constructor(
    private sounds: StageSound[],
    private totalMs: number,
    private speech: Speech,
    private readonly onEnd: () => void,
  ) {}

  /** Take another list of sounds (another speed), going on from `at`. */
  async change(sounds: StageSound[], totalMs: number, speech: Speech, at: number): Promise<void> {
    const was = this.playing;
    this.pause();
    this.sounds = sounds;
    this.totalMs = totalMs;
    this.speech = speech;
    this.at = at;
    if (was) await this.play();
  }

  /** Whether somebody speaks now, or is about to. */
  speaking(): boolean {
    const now = this.position();
    return this.sounds.some((s) => s.kind === "speech" && s.at_ms - 500 < now && now < s.at_ms + s.ms);
  }

  /** The place in the practice that is heard now, in milliseconds. */
  position(): number {
    if (!this.playing || !this.context) return this.at;
    return Math.min(this.totalMs, Math.max(this.at, this.heard()));
  }

  /** The audio clock's time of what leaves the loudspeaker now. */
  private heard(): number {
    const context = this.context as AudioContext;
    const late = context.outputLatency || context.baseLatency || 0;
    return (context.currentTime - late - this.zero) * 1000;
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
    this.next = this.sounds.findIndex((s) => s.at_ms + s.ms > this.at);
    if (this.next < 0) this.next = this.sounds.length;
    this.tick();
    this.timer = window.setInterval(() => this.tick(), EVERY_MS);
  }

  pause(): void {
    this.at = this.position();
    this.playing = false;
    this.run++;
    window.clearInterval(this.timer);
    for (const { node, gain } of this.sources) {
      gain.gain.setTargetAtTime(0, this.context?.currentTime ?? 0, 0.015);
      node.stop((this.context?.currentTime ?? 0) + 0.08);
    }
    this.sources = [];
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

  private tick(): void {
    if (!this.context) return;
    const ahead = this.heard() + AHEAD_S * 1000;
    for (; this.next < this.sounds.length; this.next++) {
      const sound = this.sounds[this.next];
      if (!sound || sound.at_ms > ahead) break;
      void this.place(sound, this.run);
    }
    if (this.heard() >= this.totalMs) {
      this.pause();
      this.at = this.totalMs;
      this.onEnd();
    }
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
    const gain = new GainNode(context, { gain: 1 });
    node.connect(gain).connect(context.destination);
    // A long piece is played once and needs no keeping.
    if (sound.address) this.buffers.delete(sound.address);
    node.start(start + skip, skip);
    const entry = { node, gain };
    this.sources.push(entry);
    node.onended = () => {
      this.sources = this.sources.filter((s) => s !== entry);
    };
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
