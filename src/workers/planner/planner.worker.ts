import { expose } from 'comlink';
import { bestOrder } from '@/core/plan';
import type { PlannerContract } from './contract';

const planner: PlannerContract = { bestOrder };
expose(planner);
