import type { PartsShown, ShownFigures } from '../types/generated/result'
import type { Drawing, Units } from '../types/page'
import * as words from '@words/lib'

const ML_PER_US_FL_OZ = 29.5735295625
const M_PER_FT = 0.3048

const IN_FT_PER_MM_M = 0.012

const CM2_PER_IN2 = 6.4516

const FL_OZ_FT2_PER_ML_CM2 = (144 * CM2_PER_IN2) / ML_PER_US_FL_OZ

/** A number with so many decimals, in plain digits. */
export function digits(value: number, decimals: number): string {
    const text = value.toFixed(decimals)
    return Number(text) === 0 ? (0).toFixed(decimals) : text
}

/** A number with at most so many decimals, no trailing zeros. */
export function trimmed(value: number, decimals: number): string {
    return String(Number(value.toFixed(decimals)))
}

export interface Shown {
    text: string
    unit: string
}

/** ml to whole ones, below 50 ml to a tenth; fluid ounces to a hundredth, from ten on to a tenth. */
function volumeDecimals(ml: number, units: Units): number {
    if (units === 'metric') return ml < 50 ? 1 : 0
    return ml / ML_PER_US_FL_OZ < 10 ? 2 : 1
}

function inUnits(ml: number, units: Units): number {
    return units === 'metric' ? ml : ml / ML_PER_US_FL_OZ
}

export function volume(ml: number, units: Units): Shown {
    return {
        text: digits(inUnits(ml, units), volumeDecimals(ml, units)).replace('-', '−'),
        unit: units === 'metric' ? 'ml' : 'fl oz',
    }
}

export function grams(g: number): Shown {
    return { text: digits(g, 1), unit: 'g' }
}

export interface ShownMix {
    a: Shown
    b: Shown
    total: Shown
}

/** Both parts as they are weighed: the studio says them in whole steps and in their ratio. */
export function weightMix({ shown }: { shown: ShownFigures }): ShownMix {
    const unknown = { text: '–', unit: 'g' }
    return shown.g === null ? { a: unknown, b: unknown, total: unknown } : mixIn(shown.g, 'g', 1)
}

export function volumeMix({ shown }: { shown: ShownFigures }, units: Units): ShownMix {
    if (units === 'metric') return mixIn(shown.ml, 'ml', Math.min(shown.ml.a, shown.ml.b) < 50 ? 1 : 0)
    return mixIn(shown.fl_oz, 'fl oz', 2)
}

/** Both parts as they were found, each by itself. */
export function volumesOf(aMl: number, bMl: number, units: Units): ShownMix {
    const decimals = volumeDecimals(Math.min(aMl, bMl), units)
    const step = (ml: number): number => Number(digits(inUnits(ml, units), decimals))
    const [a, b] = [step(aMl), step(bMl)]
    return mixIn({ a, b, total: a + b }, units === 'metric' ? 'ml' : 'fl oz', decimals)
}

export function weightsOf(aG: number, bG: number): ShownMix {
    const [a, b] = [Number(digits(aG, 1)), Number(digits(bG, 1))]
    return mixIn({ a, b, total: a + b }, 'g', 1)
}

function mixIn(parts: PartsShown, unit: string, decimals: number): ShownMix {
    // a scale may be finer than the screen's own step
    const places = Math.max(decimals, ...[parts.a, parts.b].map((part) => `${part}`.split('.')[1]?.length ?? 0))
    const shown = (value: number): Shown => ({ text: digits(value, Math.min(3, places)), unit })
    return { a: shown(parts.a), b: shown(parts.b), total: shown(parts.total) }
}

/** A length of a piece. */
export function length(mm: number, units: Units): Shown {
    return units === 'metric'
        ? { text: trimmed(mm, mm < 10 ? 2 : 1), unit: 'mm' }
        : { text: trimmed(mm / 25.4, 3), unit: 'in' }
}

/** A film's thickness. */
export function thickness(mm: number, units: Units): Shown {
    return units === 'metric'
        ? { text: digits(mm, mm < 1 ? 2 : 1), unit: 'mm' }
        : { text: digits(mm / 25.4, 3), unit: 'in' }
}

/** A film to a hundredth, where what is asked, laid and kept stand side by side. */
export function fineFilm(mm: number, units: Units): Shown {
    return units === 'metric' ? { text: digits(mm, 2), unit: 'mm' } : { text: digits(mm / 25.4, 3), unit: 'in' }
}

export function area(cm2: number, units: Units): Shown {
    return units === 'metric'
        ? { text: trimmed(cm2, cm2 < 100 ? 1 : 0), unit: 'cm²' }
        : { text: trimmed(cm2 / CM2_PER_IN2, cm2 < 645 ? 1 : 0), unit: 'in²' }
}

export function temperatureDifference(kelvin: number, units: Units): Shown {
    return units === 'metric'
        ? { text: trimmed(kelvin, 1), unit: '°C' }
        : { text: trimmed(kelvin * 1.8, 1), unit: '°F' }
}

export function temperature(c: number, units: Units): Shown {
    return units === 'metric' ? { text: trimmed(c, 1), unit: '°C' } : { text: trimmed(c * 1.8 + 32, 0), unit: '°F' }
}

export function joined(shown: Shown): string {
    return `${shown.text} ${shown.unit}`
}

/** A slope of the bench. */
export function slope(mmPerM: number, units: Units): Shown {
    return units === 'metric'
        ? { text: digits(mmPerM, 1), unit: 'mm/m' }
        : { text: digits(mmPerM * IN_FT_PER_MM_M, 3), unit: 'in/ft' }
}

export function fieldSlope(mmPerM: number | undefined, units: Units): string {
    if (mmPerM === undefined) return ''
    return units === 'metric' ? String(mmPerM) : trimmed(mmPerM * IN_FT_PER_MM_M, 3)
}

/** Minutes in their order; of many the first and the last. */
export function minutesOf(minutes: number[]): string {
    const said = minutes.map((min) => trimmed(min, 0))
    return (said.length > 12 ? [...said.slice(0, 5), '…', said[said.length - 1]] : said).join(', ')
}

/** What drips from an edge, by its length. */
export function drip(mlPerM: number, units: Units): Shown {
    return units === 'metric'
        ? { text: trimmed(mlPerM, 1), unit: 'ml/m' }
        : { text: trimmed((mlPerM / ML_PER_US_FL_OZ) * M_PER_FT, 3), unit: 'fl oz/ft' }
}

/** By the unit of an explanation: what it is for who reads imperial units, and how it is reckoned. */
const IMPERIAL: Record<string, [string, (value: number) => number]> = {
    mm: ['in', (mm) => mm / 25.4],
    'cm²': ['in²', (cm2) => cm2 / CM2_PER_IN2],
    'mm²': ['in²', (mm2) => mm2 / (100 * CM2_PER_IN2)],
    ml: ['fl oz', (ml) => ml / ML_PER_US_FL_OZ],
    'ml/cm²': ['fl oz/ft²', (rate) => rate * FL_OZ_FT2_PER_ML_CM2],
    'ml/m': ['fl oz/ft', (mlPerM) => (mlPerM / ML_PER_US_FL_OZ) * M_PER_FT],
    'mm/m': ['in/ft', (mmPerM) => mmPerM * IN_FT_PER_MM_M],
    '°C': ['°F', (c) => c * 1.8 + 32],
}

/** A figure of an explanation in the person's units; six significant digits are more than any bench can measure. */
export function explained(value: number, unit: string, units: Units): Shown {
    const [name, reckon] = (units === 'imperial' ? IMPERIAL[unit] : undefined) ?? [unit, (same: number) => same]
    return { text: trimmed(Number(reckon(value).toPrecision(6)), 6), unit: name }
}

/** A number as it goes into a field that is typed in the person's units. */
export function fieldLength(mm: number | undefined, units: Units): string {
    return mm === undefined ? '' : length(mm, units).text
}

/** A volume as it goes into a field that is typed in the person's units. */
export function fieldVolume(ml: number | undefined, units: Units): string {
    return ml === undefined ? '' : trimmed(inUnits(ml, units), units === 'metric' ? 2 : 3)
}

/** A ball's diameter, or the sides of a disc or block. */
export function fieldSize(mm: number | number[] | undefined, units: Units): string {
    return mm === undefined
        ? ''
        : [mm]
              .flat()
              .map((side) => fieldLength(side, units))
              .join(' × ')
}

/** A spread rate. */
export function spread(mlPerCm2: number, units: Units): Shown {
    return units === 'metric'
        ? { text: trimmed(mlPerCm2, 3), unit: 'ml/cm²' }
        : { text: trimmed(mlPerCm2 * FL_OZ_FT2_PER_ML_CM2, 2), unit: 'fl oz/ft²' }
}

export function fieldSpread(mlPerCm2: number, units: Units): string {
    return spread(mlPerCm2, units).text
}

export function fieldTemperature(c: number | undefined, units: Units): string {
    return c === undefined ? '' : temperature(c, units).text
}

export function fieldNumber(value: number | undefined): string {
    return value === undefined ? '' : String(value)
}

/** A span of time in the largest two units that say something. */
export function span(minutes: number): string {
    if (minutes < 1) return 'under a minute'
    const whole = Math.round(minutes)
    if (whole < 60) return words.min(whole)
    const hours = Math.floor(whole / 60)
    if (hours < 48) return whole % 60 === 0 ? `${hours} h` : words.hMin(hours, whole % 60)
    const days = Math.floor(hours / 24)
    return hours % 24 === 0 ? words.days(days) : words.daysH(days, hours % 24)
}

/** Minutes that are only likely: whole ones, from two hours on in hours. */
export function likelyMinutes(minutes: number): Shown {
    return minutes < 120
        ? { text: trimmed(minutes, 0), unit: 'min' }
        : { text: digits(minutes / 60, minutes < 1200 ? 1 : 0), unit: 'h' }
}

/** A countdown: minutes and seconds under an hour, else hours and minutes. */
export function countdown(ms: number): string {
    const seconds = Math.max(0, Math.ceil(ms / 1000))
    const two = (n: number): string => String(n).padStart(2, '0')
    if (seconds < 3600) return `${Math.floor(seconds / 60)}:${two(seconds % 60)}`
    const minutes = Math.ceil(seconds / 60)
    const hours = Math.floor(minutes / 60)
    return hours < 48 ? `${hours} h ${two(minutes % 60)}` : `${Math.floor(hours / 24)} d ${hours % 24} h`
}

/** What the studio's wall clock says then, whatever the day. */
export function wallClock(ms: number): string {
    return new Date(ms).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
}

/** So near a moment is told from others by its time alone, also past midnight, ms. */
const NEAR_MS = 6 * 3_600_000

/** A moment of the day by the studio's wall clock; the day too when it is neither today nor near. */
export function moment(ms: number, nowMs: number): string {
    const at = new Date(ms)
    const time = wallClock(ms)
    if (Math.abs(ms - nowMs) < NEAR_MS || at.toDateString() === new Date(nowMs).toDateString()) return time
    return `${at.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })}, ${time}`
}

export function shortDay(ms: number): string {
    return new Date(ms).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
}

export function day(ms: number): string {
    return new Date(ms).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
}

/** A piece's size as it is said: one diameter, width by height, or what it takes or holds. */
export function sizeOf(drawing: Drawing, units: Units): string {
    const ml = drawing.ml === null ? '' : joined(volume(drawing.ml, units))
    if (drawing.by === 'count') return words.each(ml)
    if (drawing.by === 'water') return words.holds(ml)
    const width = length(drawing.width_mm, units)
    return drawing.round ? `⌀ ${joined(width)}` : `${width.text} × ${joined(length(drawing.height_mm, units))}`
}
