import type { ReactNode } from 'react'
import { Ground, Shine } from './sectionParts'
import { Drops, Laid, ThinBands } from './openFilm'
import { Inclusions, Lifts, OtherLayer, spanOf, Walls } from './stackParts'
import { GROUND, TOP, type SectionModel, type SectionProps } from './sectionModel'

/** The piece with all that lies on it. */
export function Layers({ model, ...props }: SectionProps & { model: SectionModel }): ReactNode {
    const {
        narrow,
        left,
        right,
        frame,
        height,
        stack,
        here,
        film,
        below,
        mostMm,
        top,
        bottom,
        broken,
        dammed,
        running,
        pathOf,
    } = model
    const { openFilm } = props
    return (
        <g transform={props.hangs ? `translate(0 ${GROUND + TOP + 20}) scale(1 -1)` : undefined}>
            {!props.hangs && <Ground left={left} right={right} top={GROUND} bottom={bottom} broken={broken} />}
            {props.soakMl > 0 && (
                <rect x={left} y={GROUND} width={right - left} height="7" fill="url(#soak)" aria-hidden="true" />
            )}
            {dammed && !props.hangs && (
                <Walls frame={frame} bottom={bottom} heightMm={props.wallMm ?? Math.min(mostMm, below + film + 1)} />
            )}
            {[...stack].reverse().map((layer) =>
                layer.id !== props.currentId ? (
                    layer.thickness_mm !== null && (
                        <OtherLayer
                            key={layer.id}
                            d={pathOf(layer)}
                            above={here !== undefined && layer.layer > here.layer}
                            name={`${props.nameOf(layer)}, ${props.say(layer.thickness_mm)}`}
                            onPress={() => props.onChoose(layer.id)}
                        />
                    )
                ) : (
                    <g key={layer.id}>
                        <path
                            d={pathOf(layer)}
                            fill="url(#gloss)"
                            stroke="var(--resin-edge)"
                            strokeWidth="1.25"
                            strokeLinejoin="round"
                        />
                        <Lifts frame={frame} layer={layer} top={top} bottom={height(below)} />
                        <Inclusions layer={layer} span={spanOf(layer, stack, frame, film)} frame={frame} />
                        {running !== null && openFilm !== null && (
                            <Laid
                                left={left}
                                right={right}
                                y={height(below + openFilm.laidMm)}
                                label={narrow ? '' : openFilm.laidLabel}
                            />
                        )}
                        {running !== null && openFilm !== null && (
                            <ThinBands place={running} mm={openFilm.thinMm} label={narrow ? '' : openFilm.thinLabel} />
                        )}
                        {layer.share === 1 && running === null && (
                            <Shine left={left} right={right} top={top} ground={height(below)} />
                        )}
                        {running !== null && <Drops place={running} />}
                    </g>
                ),
            )}
        </g>
    )
}
