// Runs where the sound is made and hands it on in blocks, straight to the worker that listens. Plain script: a worklet is loaded as it lies.
const BLOCK = 2048;

class Tap extends AudioWorkletProcessor {
  constructor() {
    super();
    this.block = new Float32Array(BLOCK);
    this.filled = 0;
    this.port.onmessage = ({ data }) => {
      this.to = data;
    };
  }

  process([input]) {
    const samples = input?.[0];
    if (!samples || !this.to) return true;
    this.block.set(samples.subarray(0, BLOCK - this.filled), this.filled);
    this.filled += samples.length;
    if (this.filled < BLOCK) return true;
    this.to.postMessage(this.block, [this.block.buffer]);
    this.block = new Float32Array(BLOCK);
    this.filled = 0;
    return true;
  }
}

registerProcessor('gander-tap', Tap);
