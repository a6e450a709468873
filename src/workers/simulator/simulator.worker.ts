import { expose } from 'comlink';
import { whatIf } from '@/core/simulate';
import type { SimulatorContract } from './contract';

const simulator: SimulatorContract = { whatIf };
expose(simulator);
