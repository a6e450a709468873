export { type BatchPlan, batchesTakeS, planForGreen, planForRoasted } from './batches.ts';
export { estimateLoss, type LossEstimate, type LossRecord, tableLossPercent } from './lossEstimate.ts';
