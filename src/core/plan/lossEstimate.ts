import { sum } from 'd3-array';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';

/** One earlier roast, as far as its loss is concerned. */
export interface LossRecord {
  readonly gearId: string;
  readonly lotId: string;
  readonly shade: ShadeNumber;
  readonly lossPercent: number;
  /** The shade was guessed, from the loss among others: it says little of what that shade loses. */
  readonly guessed?: boolean | undefined;
  /** Green moisture, per cent; the usual 11 when it was not measured. */
  readonly moisturePercent?: number | undefined;
}

/** What a batch will probably lose, per cent of green. */
export interface LossEstimate {
  readonly meanPercent: number;
  /** Standard deviation of one batch to come: what is not known yet and what varies from batch to batch. */
  readonly sdPercent: number;
  /** Earlier roasts on this gear that speak here, and those of them with this lot. */
  readonly fromGear: number;
  readonly fromGearAndLot: number;
}

// Source: handbook, section 5: prior sd between gears 1.5 points, sd within 1.0; one point of loss a point of moisture
// off 11 %. How far lots differ on one gear is not given there; one point, as the spread within, is ours.
const BETWEEN_GEAR_SD = 1.5;
const BETWEEN_LOT_SD = 1;
const WITHIN_SD = 1;
const USUAL_MOISTURE = 11;

/** The loss of table 5 for a shade, moved by the green moisture; per cent. */
export function tableLossPercent(shade: ShadeNumber, moisturePercent: number = USUAL_MOISTURE): number {
  return shadeOf(shade).lossPercent.mean + (moisturePercent - USUAL_MOISTURE);
}

/**
 * The loss to expect of one gear and lot at a shade: the table's, moved by how far this gear's earlier roasts, and this
 * lot's on it, lay off the table, each shrunk the more the fewer they are. Two nested normal effects with known
 * variances, solved exactly. Records of other gear are passed over; without any of this gear it is the table.
 * Source: Gelman et al., Bayesian Data Analysis, 3rd ed., section 5.4.
 */
export function estimateLoss(
  wanted: {
    readonly gearId: string;
    readonly lotId: string;
    readonly shade: ShadeNumber;
    readonly moisturePercent?: number | undefined;
  },
  records: readonly LossRecord[],
): LossEstimate {
  const here = records.filter((record) => record.gearId === wanted.gearId);
  const byLot = groupByLot(here);
  let precision = 1 / BETWEEN_GEAR_SD ** 2;
  let weighted = 0;
  for (const [lotId, roasts] of byLot) {
    if (lotId === wanted.lotId) continue;
    const weight = 1 / (BETWEEN_LOT_SD ** 2 + WITHIN_SD ** 2 / countOf(roasts));
    precision += weight;
    weighted += weight * meanResidual(roasts);
  }
  // What the other lots say of the gear is the prior for this lot on it.
  const prior = { mean: weighted / precision, variance: 1 / precision + BETWEEN_LOT_SD ** 2 };
  const own = byLot.get(wanted.lotId) ?? [];
  const ownPrecision = countOf(own) / WITHIN_SD ** 2;
  const variance = 1 / (1 / prior.variance + ownPrecision);
  const residual = variance * (prior.mean / prior.variance + (own.length > 0 ? ownPrecision * meanResidual(own) : 0));
  return {
    meanPercent: tableLossPercent(wanted.shade, wanted.moisturePercent) + residual,
    sdPercent: Math.sqrt(variance + WITHIN_SD ** 2),
    fromGear: here.length,
    fromGearAndLot: own.length,
  };
}

/** What a finished roast could be expected to lose: by this gear's other roasts, else by the table and the moisture. */
export interface UsualLoss {
  readonly meanPercent: number;
  readonly sdPercent: number;
  readonly from: 'table' | 'gear' | 'gearAndLot';
}

/** The same for judging a loss that was weighed; `records` are those of other roasts. Without any, table 5 speaks. */
export function usualLoss(wanted: Parameters<typeof estimateLoss>[0], records: readonly LossRecord[]): UsualLoss {
  const { meanPercent, sdPercent, fromGear, fromGearAndLot } = estimateLoss(wanted, records);
  if (fromGear === 0) return { meanPercent, sdPercent: shadeOf(wanted.shade).lossPercent.sd, from: 'table' };
  return { meanPercent, sdPercent, from: fromGearAndLot > 0 ? 'gearAndLot' : 'gear' };
}

/** What a record counts; ours for a guess. */
const shareOf = ({ guessed }: LossRecord) => (guessed ? 0.25 : 1);
const countOf = (records: readonly LossRecord[]) => sum(records, shareOf);

function meanResidual(records: readonly LossRecord[]): number {
  const off = ({ lossPercent, shade, moisturePercent }: LossRecord) =>
    lossPercent - tableLossPercent(shade, moisturePercent);
  return sum(records, (record) => shareOf(record) * off(record)) / countOf(records);
}

function groupByLot(records: readonly LossRecord[]): Map<string, LossRecord[]> {
  const groups = new Map<string, LossRecord[]>();
  for (const record of records) groups.set(record.lotId, [...(groups.get(record.lotId) ?? []), record]);
  return groups;
}
