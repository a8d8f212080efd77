import type { Said } from '../said'

export const openGlaze = (title: Said) => `${title} · Open Glaze`
export const openGlazeAlone = 'Open Glaze'
export const thereIsNoView = (name: Said) => `There is no view ${name}.`
