/** Hands what the microphone hears to the page, a twentieth of a second at a time. */
class Recorder extends AudioWorkletProcessor {
  constructor() {
    super();
    this.kept = new Float32Array(Math.ceil(sampleRate / 20));
    this.at = 0;
  }

  process(inputs) {
    const heard = inputs[0]?.[0];
    if (!heard) return true;
    for (const sample of heard) {
      this.kept[this.at++] = sample;
      if (this.at === this.kept.length) {
        this.port.postMessage(this.kept.slice());
        this.at = 0;
      }
    }
    return true;
  }
}
registerProcessor("kemvo-recorder", Recorder);
