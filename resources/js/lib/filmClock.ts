import type { EdgeFilm, FilmFrame } from '../types/answer'

/** What is seen of a film at one moment. */
export interface FilmNow extends FilmFrame {
    /** What has gathered on the lower edge since it was wiped last, ml per metre. */
    hangs_ml_per_m: number
    /** What has dripped from all pieces, ml. */
    dripped_ml: number
}

/**
 * The film so many minutes after the pour, between two frames; null for as it sets.
 *
 * @param once whether it is wiped only the first time
 */
export function filmAt(film: EdgeFilm, min: number | null, once: boolean): FilmNow {
    const frame = frameAt(film, min)
    const wiped = (once ? film.wipes_min.slice(0, 1) : film.wipes_min).filter((at) => min === null || at <= min)
    const first = film.frames[0]!
    const last = wiped[wiped.length - 1]
    const since = last === undefined ? first : frameAt(film, last)
    return {
        ...frame,
        hangs_ml_per_m: Math.max(0, since.left_ml_per_m - frame.left_ml_per_m),
        dripped_ml: Math.max(0, first.left_ml_per_m - frame.left_ml_per_m) * film.coated_m,
    }
}

/** The last moment that is shown before it has set. */
export function lastMin(film: EdgeFilm): number {
    return Math.max(...film.frames.map((frame) => frame.min ?? 0))
}

function frameAt(film: EdgeFilm, min: number | null): FilmFrame {
    const { frames } = film
    const set = frames[frames.length - 1]!
    const after = min === null ? -1 : frames.findIndex((frame) => frame.min !== null && frame.min >= min)
    if (min === null || after < 0) return set
    if (after === 0) return frames[0]!
    const [one, other] = [frames[after - 1]!, frames[after]!]
    const share = (min - one.min!) / (other.min! - one.min!)
    const between = (a: number, b: number): number => a + share * (b - a)
    return {
        min,
        mean_mm: between(one.mean_mm, other.mean_mm),
        edge_film_mm: between(one.edge_film_mm, other.edge_film_mm),
        left_ml_per_m: between(one.left_ml_per_m, other.left_ml_per_m),
        profile_mm: one.profile_mm.map((mm, at) => between(mm, other.profile_mm[at]!)),
    }
}
