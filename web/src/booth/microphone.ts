/** Microphones: the computer's own, and a simulated one that ships with Kemvo. Both give a WAV file and a level. */

export interface Recording {
  /** How loud it is now, 0 to 1, and how long it has run, in milliseconds. */
  onLevel: (level: number, ms: number) => void;
  /** End it; answers with the recording as a WAV file. */
  stop: () => Promise<Blob>;
}

const EVERY_MS = 50;

/** Record from the computer's microphone. Rejects when there is none or it is not allowed. */
export async function record(onLevel: Recording["onLevel"]): Promise<Recording> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
  const context = new AudioContext();
  await context.audioWorklet.addModule("/recorder.js");
  const source = context.createMediaStreamSource(stream);
  const taker = new AudioWorkletNode(context, "kemvo-recorder");
  const parts: Float32Array[] = [];
  let frames = 0;
  taker.port.onmessage = (e: MessageEvent<Float32Array>) => {
    parts.push(e.data);
    frames += e.data.length;
    onLevel(loudest(e.data), (frames / context.sampleRate) * 1000);
  };
  source.connect(taker);
  return {
    onLevel,
    stop: async () => {
      source.disconnect();
      for (const track of stream.getTracks()) track.stop();
      const rate = context.sampleRate;
      await context.close();
      return wav(parts, frames, rate);
    },
  };
}

/** "Record" what the simulated microphone hears of somebody saying a line. */
export async function simulate(text: string, onLevel: Recording["onLevel"]): Promise<Recording> {
  const heard = await fetch(`/api/simulated-microphone.wav?${new URLSearchParams({ text })}`).then((r) =>
    r.ok ? r.blob() : Promise.reject(new Error("The simulated microphone gave nothing.")),
  );
  const begun = performance.now();
  const timer = window.setInterval(
    () => onLevel(0.3 + 0.2 * Math.random(), performance.now() - begun),
    EVERY_MS,
  );
  return {
    onLevel,
    stop: async () => {
      window.clearInterval(timer);
      return heard;
    },
  };
}

function loudest(samples: Float32Array): number {
  let most = 0;
  for (const s of samples) most = Math.max(most, Math.abs(s));
  return most;
}

/** Samples as a WAV file: one channel, 16 bits. */
function wav(parts: Float32Array[], frames: number, rate: number): Blob {
  const data = new DataView(new ArrayBuffer(44 + frames * 2));
  const text = (at: number, letters: string) => {
    for (let i = 0; i < letters.length; i++) data.setUint8(at + i, letters.charCodeAt(i));
  };
  text(0, "RIFF");
  data.setUint32(4, 36 + frames * 2, true);
  text(8, "WAVEfmt ");
  data.setUint32(16, 16, true);
  data.setUint16(20, 1, true);
  data.setUint16(22, 1, true);
  data.setUint32(24, rate, true);
  data.setUint32(28, rate * 2, true);
  data.setUint16(32, 2, true);
  data.setUint16(34, 16, true);
  text(36, "data");
  data.setUint32(40, frames * 2, true);
  let at = 44;
  for (const part of parts)
    for (const s of part) {
      data.setInt16(at, Math.max(-1, Math.min(1, s)) * 32767, true);
      at += 2;
    }
  return new Blob([data], { type: "audio/wav" });
}
