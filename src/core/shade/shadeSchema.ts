import * as z from 'zod';
import { shadeNumbers } from './shades.ts';

/** A shade as it is stored: its number. */
export const shadeSchema = z.union(shadeNumbers.map((number) => z.literal(number)));
