import type * as z from 'zod';

/** Whether a schema would take a value. Never throws. */
type Test = (value: unknown) => boolean;

/**
 * Whether `schema` takes a value, found several times as fast as by `safeParse`: nothing is copied and no complaint is put in words,
 * and a notebook of years is looked at whole at every save. What a schema has that is not known here, it is asked itself.
 */
export function soundnessTest(schema: z.ZodType): Test {
  return ownTest(schema as unknown as z.core.$ZodTypes) ?? ((value) => schema.safeParse(value).success);
}

const testOf = (schema: z.core.$ZodType): Test => soundnessTest(schema as unknown as z.ZodType);

/** Undefined where the schema has to be asked itself. */
function ownTest(schema: z.core.$ZodTypes): Test | undefined {
  const { def } = schema._zod;
  switch (def.type) {
    case 'string':
    case 'number':
      return withChecks(schema, def.type === 'string' ? (value) => typeof value === 'string' : Number.isFinite);
    case 'boolean':
      return (value) => typeof value === 'boolean';
    case 'unknown':
      return () => true;
    case 'literal':
    case 'enum': {
      const { values } = schema._zod;
      return values && ((value) => values.has(value as string));
    }
    case 'optional': {
      const inner = testOf(def.innerType);
      return (value) => value === undefined || inner(value);
    }
    case 'nullable': {
      const inner = testOf(def.innerType);
      return (value) => value === null || inner(value);
    }
    case 'array': {
      const element = testOf(def.element);
      return withChecks(schema, (value) => Array.isArray(value) && allAre(value, element));
    }
    case 'object':
      return objectTest(schema, def as z.core.$ZodObjectDef);
    case 'union':
      return unionTest(def);
    default:
      return undefined;
  }
}

/** `every` passes over holes, which hold nothing that is sound. */
function allAre(values: readonly unknown[], test: Test): boolean {
  for (let i = 0; i < values.length; i++) if (!test(values[i])) return false;
  return true;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fields that may be missing are those of type optional; where others bear that, or do not, the schema itself knows. */
function objectTest(schema: z.core.$ZodTypes, { shape, catchall }: z.core.$ZodObjectDef): Test | undefined {
  const fields = Object.entries(shape).map(([key, field]) => ({
    key,
    test: testOf(field),
    isOptional: (field as z.core.$ZodTypes)._zod.def.type === 'optional',
  }));
  const mayLack = fields.some(({ test, isOptional }) => !isOptional && test(undefined));
  const takesOthers = !catchall || (catchall as z.core.$ZodTypes)._zod.def.type === 'unknown';
  if (mayLack || !takesOthers) return undefined;
  return withChecks(schema, (value) => isObject(value) && fields.every(({ key, test }) => test(value[key])));
}

function unionTest(def: z.core.$ZodUnionDef | z.core.$ZodDiscriminatedUnionDef): Test {
  const options = def.options.map((option) => ({ option, test: testOf(option) }));
  if (!('discriminator' in def)) return (value) => options.some(({ test }) => test(value));
  const { discriminator } = def;
  const tests = new Map(
    options.flatMap(({ option, test }) =>
      [...(option._zod.propValues?.[discriminator] ?? [])].map((name): [unknown, Test] => [name, test]),
    ),
  );
  return (value) => isObject(value) && tests.get(value[discriminator])?.(value) === true;
}

/** A test of the type with those of what is said of it besides; undefined where one of them is not known here. */
function withChecks(schema: z.core.$ZodTypes, type: Test): Test | undefined {
  const { def } = schema._zod;
  // A format of its own, such as a date, is a check that the schema is itself.
  const checks = [...('check' in def ? [schema as unknown as z.core.$ZodChecks] : []), ...(def.checks ?? [])];
  const tests = checks.map((check) => checkTest((check as z.core.$ZodChecks)._zod.def));
  const known = tests.filter((test) => test !== undefined);
  if (known.length < tests.length) return undefined;
  return known.length === 0 ? type : (value) => type(value) && known.every((test) => test(value));
}

/** One thing that is said of a value of the right type. */
function checkTest(def: z.core.$ZodChecks['_zod']['def']): Test | undefined {
  switch (def.check) {
    case 'less_than': {
      const { value: most, inclusive } = def;
      return (value) => (inclusive ? (value as number) <= (most as number) : (value as number) < (most as number));
    }
    case 'greater_than': {
      const { value: least, inclusive } = def;
      return (value) => (inclusive ? (value as number) >= (least as number) : (value as number) > (least as number));
    }
    case 'min_length': {
      const { minimum } = def;
      return (value) => (value as string).length >= minimum;
    }
    case 'max_length': {
      const { maximum } = def;
      return (value) => (value as string).length <= maximum;
    }
    case 'number_format':
      return def.format === 'safeint' ? Number.isSafeInteger : undefined;
    case 'string_format': {
      const { pattern } = def;
      const isByPattern = ['regex', 'date', 'time', 'datetime'].includes(def.format) && pattern && !pattern.global;
      return isByPattern ? (value) => pattern.test(value as string) : undefined;
    }
    default:
      return undefined;
  }
}
