import { METRIC, tell } from '../sentence'
/** The prediction document: what a staging is expected to do. */
import * as z from 'zod'
import { WHO_DECIDES } from '../cautions'
import { cautionsOf, gatesOf, type Ledger, type Simulation } from '../demonstration'
import { riskOfForecast, StagingSample, summarise, DEFAULT_SAMPLES, DEFAULT_SEED, type Forecast } from '../forecast'
import { SI_UNIT, type QuantityKind } from '../units'
import { modelSchema } from './model'
import { readStaging } from './staging'
import type { ReadStaging } from './staging-reading'

export const PREDICTION_FORMAT = 'zealous-hush/prediction'

const quantile = z.strictObject({
  p10: z.number(),
  p50: z.number(),
  p90: z.number(),
  p1: z.number().optional(),
  p99: z.number().optional(),
  p999: z
    .number()
    .optional()
    .describe('one further draw in a thousand is expected above; by fewer than 999 draws their tail continued'),
  count: z.int(),
})

export const predictionSchema = z
  .strictObject({
    format: z.literal(PREDICTION_FORMAT),
    version: z.literal(1),
    demonstration: z.string(),
    title: z.string(),
    model: modelSchema.optional(),
    outcome: z.string().describe('id of the nominal outcome'),
    results: z
      .record(z.string(), z.strictObject({ value: z.number(), unit: z.string() }))
      .describe('by result id, SI; absent where it does not happen'),
    ledger: z
      .array(z.strictObject({ id: z.string(), cause: z.string(), pressure: z.number().describe('Pa') }))
      .describe('rows add up to the difference at the moment shown'),
    ledgerMoment: z.strictObject({ moment: z.string(), difference: z.number().describe('Pa') }),
    events: z.array(z.strictObject({ id: z.string(), name: z.string(), time: z.number().describe('s from heat on') })),
    forecast: z
      .strictObject({
        samples: z.int(),
        seed: z.int(),
        outcomes: z.record(z.string(), z.number()).describe('share of the samples by outcome id'),
        errors: z.record(z.string(), z.number()).describe('standard sampling error of each share'),
        quantiles: z.record(z.string(), quantile).describe('by result id, over the samples in which it occurs'),
      })
      .optional(),
    cautions: z
      .array(
        z.strictObject({
          id: z.string(),
          step: z.string(),
          severity: z.enum(['usual', 'raised']),
          hazard: z.string(),
          control: z.string(),
          number: z
            .strictObject({ name: z.string(), value: z.number(), unit: z.string(), raisedFrom: z.number().optional() })
            .optional()
            .describe('what it follows from, SI'),
        }),
      )
      .optional()
      .describe('in the order of the steps, raised ones first'),
    gates: z
      .array(z.strictObject({ step: z.string(), text: z.string() }))
      .optional()
      .describe('confirmed before anything in the step is done'),
    whoDecides: z.string().optional(),
  })
  .meta({
    title: 'Prediction',
    description: 'What a staging is expected to do, nominally and over what is not known exactly.',
  })

export type PredictionDocument = z.infer<typeof predictionSchema>

export interface PredictOptions {
  /** 0: nominal only */
  samples?: number
  seed?: number
  /** see modelSchema */ model?: string
}

const SI_NAMES: Readonly<Partial<Record<string, string>>> = { '': '1', 'tempK': 'K', 'W/m^2*degK': 'W/(m2 K)' }
const siName = (kind: QuantityKind): string => SI_NAMES[SI_UNIT[kind]] ?? SI_UNIT[kind]

/** Builds the document from parts already computed. */
export function predictionDocument(
  staging: Pick<ReadStaging, 'demonstration' | 'document' | 'values'>,
  simulation: Simulation,
  ledger: Ledger,
  forecast?: Forecast,
  model?: string,
): PredictionDocument {
  const { demonstration, document } = staging
  const results: PredictionDocument['results'] = {}
  for (const spec of demonstration.results) {
    const value = simulation.results[spec.id]
    if (value !== undefined) results[spec.id] = { value, unit: siName(spec.quantity) }
  }
  return {
    format: PREDICTION_FORMAT,
    version: 1,
    demonstration: demonstration.id,
    title: document.title,
    ...(model !== undefined && { model }),
    outcome: simulation.outcome,
    results,
    ledger: ledger.rows.map(r => ({ id: r.id, cause: tell(r.cause, METRIC), pressure: r.pressure })),
    ledgerMoment: { moment: tell(ledger.moment, METRIC), difference: ledger.difference },
    events: simulation.events.map(e => ({ id: e.id, name: e.name, time: e.time })),
    cautions: cautionsOf(demonstration, staging.values, simulation, forecast && riskOfForecast(forecast)).map(
      ({ id, step, severity, hazard, control, number }) => ({
        id,
        step,
        severity,
        hazard: tell(hazard, METRIC),
        control: tell(control, METRIC),
        ...(number && {
          number: {
            name: number.name,
            value: number.value,
            unit: siName(number.quantity),
            ...(number.raisedFrom !== undefined && { raisedFrom: number.raisedFrom }),
          },
        }),
      }),
    ),
    gates: gatesOf(demonstration, staging.values).map(({ step, text }) => ({ step, text: tell(text, METRIC) })),
    whoDecides: WHO_DECIDES,
    ...(forecast && {
      forecast: {
        samples: forecast.samples,
        seed: forecast.seed,
        outcomes: forecast.shares,
        errors: forecast.errors,
        quantiles: forecast.quantiles,
      },
    }),
  }
}

/**
 * Predicts a staging.
 *
 * @param staging a staging document (see docs/formats/staging.schema.json)
 * @param options samples (2000; 0 leaves the forecast out) and seed (1)
 * @throws StagingFaults naming every fault in the document
 */
export function predict(staging: unknown, options: PredictOptions = {}): PredictionDocument {
  const { samples = DEFAULT_SAMPLES, seed = DEFAULT_SEED } = options
  const read = readStaging(staging)
  const simulation = read.demonstration.simulate(read.values, 'trace')
  let forecast: Forecast | undefined
  if (samples > 0) {
    const sample = new StagingSample(read.demonstration, read.given, samples, seed)
    sample.advance(samples)
    forecast = summarise(sample)
  }
  return predictionDocument(read, simulation, read.demonstration.ledger(simulation), forecast, options.model)
}
