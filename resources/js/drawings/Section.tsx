import { useState, type ReactNode } from 'react'
import { useWidth } from '../lib/width'
import { Grip, Levels } from './sectionParts'
import { FilmPull } from './FilmPull'
import { EdgeDetail } from './EdgeDetail'
import { RimDetail } from './RimDetail'
import { Ruler } from './Ruler'
import * as words from '@words/drawings'
import { Layers } from './Layers'
import { GROUND, HEIGHT, LEFT, sectionOf, TOP, type SectionProps } from './sectionModel'
import { FilmFigure, Patterns, SectionWords } from './SectionWords'

/**
 * The piece cut through, with its whole stack of coats. Piece and films share one scale sideways;
 * upwards the films are drawn larger by the factor that is written beside them. The surface of the
 * coat at hand is what one pulls; the others are pressed to go to them.
 */
export function Section(props: SectionProps): ReactNode {
    const [frameElement, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frameElement, 880)
    const [pulling, setPulling] = useState<number | null>(null)
    const model = sectionOf(props, width, pulling)
    const { openFilm } = props
    const { narrow, rim, left, right, height, here, film, below, mostMm, top, detail, round, reach } = model

    const pull = (mm: number): void => {
        setPulling((held) => held ?? reach)
        props.onPull(mm)
    }
    const letGo = (mm: number): void => {
        setPulling(null)
        props.onLetGo(mm)
    }
    return (
        <div ref={setFrame} className="relative w-full">
            <svg
                width="100%"
                height={HEIGHT}
                viewBox={`0 0 ${width} ${HEIGHT}`}
                className="block touch-none select-none"
            >
                <Layers {...props} model={model} />
                {!props.hangs && <Ruler left={LEFT} height={height} mostMm={mostMm} {...props.ruler} />}

                <Levels levels={model.levels} left={LEFT} right={rim} narrow={narrow} />
                <SectionWords {...props} model={model} />
                {detail && here !== undefined && !props.hangs && (
                    <RimDetail
                        x={rim + 8}
                        y={GROUND - 2}
                        layer={here}
                        say={
                            props.edgeAngleDeg === null
                                ? words.atTheWallTrueProportions
                                : words.edgeAtDegTrueProportions(Math.round(props.edgeAngleDeg))
                        }
                    />
                )}

                {round && openFilm !== null && (
                    <EdgeDetail
                        x={rim + 8}
                        y={GROUND - 26}
                        radiusMm={openFilm.radiusMm}
                        mostRadiusMm={openFilm.mostRadiusMm}
                        keepsMm={openFilm.keepsMm}
                        sideMm={openFilm.now.edge_film_mm}
                        say={props.say}
                        onPull={(mm) => openFilm.onRadius(mm, false)}
                        onLetGo={(mm) => openFilm.onRadius(mm, true)}
                    />
                )}
                {props.thicknessMm !== null && !props.hangs && (
                    <>
                        <Grip x={narrow ? left + 44 : (left + right) / 2} y={top} pulling={pulling !== null} />
                        <FilmFigure model={model} text={props.say(film)} />
                    </>
                )}
                <Patterns />
            </svg>
            {props.thicknessMm !== null && !props.hangs && (
                <FilmPull
                    filmMm={film}
                    mostMm={mostMm - below}
                    box={{ left, width: right - left, top: TOP, height: height(below) - TOP }}
                    text={props.say(film)}
                    onPull={pull}
                    onLetGo={letGo}
                />
            )}
        </div>
    )
}
