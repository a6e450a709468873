import {
  type GearEar,
  type HeardCrack,
  Listener,
  RenderedBeans,
  readEar,
  type Whistled,
  Whistles,
} from '@/core/listen';
import type { FromEar, ToEar } from './contract';
import stored from './ear.json';

/** How often the page is told, in seconds of sound. */
const TELL_S = 0.25;
/** Simulated beans are heard as a good microphone would. */
const BEANS_HZ = 48_000;

let listener: Listener | undefined;
let whistles: Whistles | undefined;
let beans: RenderedBeans | undefined;
let heard: HeardCrack[] = [];
let whistled: Whistled[] = [];
let toldS = 0;

self.onmessage = ({ data }: MessageEvent<ToEar>) => {
  switch (data.kind) {
    case 'begin':
      begin(data.sampleRate, data.gear);
      whistles = data.whistles ? new Whistles(data.sampleRate) : undefined;
      data.port.onmessage = ({ data: samples }: MessageEvent<Float32Array>) => hear(samples);
      return;
    case 'beginBeans':
      begin(BEANS_HZ, data.gear);
      beans = new RenderedBeans(BEANS_HZ, data.seed);
      return;
    case 'second':
      return beans && hear(beans.second(data.cracks));
    case 'charge':
      return listener?.charge();
    case 'takeBack':
      return listener?.takeBack(data.milestone);
    case 'know':
      return listener?.know(data.milestone, data.at);
  }
};

function begin(sampleRate: number, gear: GearEar | undefined): void {
  listener = new Listener({ sampleRate, ear: readEar(stored), gear });
  [heard, toldS] = [[], 0];
}

function hear(samples: Float32Array): void {
  if (!listener) return;
  heard.push(...listener.push(samples));
  if (whistles) whistled.push(...whistles.push(samples));
  const state = listener.state();
  if (state.now - toldS < TELL_S) return;
  const told: FromEar = { state, heard, whistled };
  [heard, whistled, toldS] = [[], [], state.now];
  self.postMessage(told);
}
