/* Written by bin/types from the schema. */

/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "StudioSpec".
 */
export type StudioSpec = StudioSpec1 & StudioSpec2
export type StudioSpec1 =
    | {
          temperature_c: number
          [k: string]: unknown
      }
    | {
          temperatures: unknown[]
          [k: string]: unknown
      }
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "WayName".
 */
export type WayName = 'cups' | 'one_cup' | 'pen_lines' | 'fills' | 'scale' | 'scale_untared'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "ResinFamily".
 */
export type ResinFamily = 'coating' | 'casting' | 'fast' | 'dome' | 'polyester'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "PieceSpec".
 */
export type PieceSpec = PieceSpec1 & PieceSpec2
export type PieceSpec1 =
    | {
          outline: Outline
          measure?: {
              water_g: number
              each_ml?: null
              ellipsoid_mm?: null
              cylinder?: null
              deepest_mm?: number | null
              [k: string]: unknown
          } | null
          [k: string]: unknown
      }
    | {
          outline?: null
          measure:
              | {
                    each_ml: number
                    water_g?: null
                    ellipsoid_mm?: null
                    cylinder?: null
                    area_cm2?: number | null
                    [k: string]: unknown
                }
              | {
                    water_g: number
                    each_ml?: null
                    ellipsoid_mm?: null
                    cylinder?: null
                    deepest_mm?: number | null
                    [k: string]: unknown
                }
              | {
                    /**
                     * @minItems 3
                     * @maxItems 3
                     */
                    ellipsoid_mm: [number, number, number]
                    each_ml?: null
                    water_g?: null
                    cylinder?: null
                    [k: string]: unknown
                }
              | {
                    cylinder: {
                        diameter_mm: number
                        height_mm: number
                        side?: CylinderSide | null
                        [k: string]: unknown
                    }
                    each_ml?: null
                    water_g?: null
                    ellipsoid_mm?: null
                    [k: string]: unknown
                }
          [k: string]: unknown
      }
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "outline".
 */
export type Outline =
    | {
          shape: 'rectangle'
          width_mm: number
          height_mm: number
          radius_mm?: number | null
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'circle'
          diameter_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'ellipse'
          width_mm: number
          height_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'ring'
          diameter_mm: number
          inner_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'polygon'
          /**
           * @minItems 3
           * @maxItems 100000
           */
          points_mm: [[number, number], [number, number], [number, number], ...[number, number][]]
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'path'
          /**
           * SVG path data in mm; later subpaths are holes
           */
          d: string
          holes?: Hole[] | null
          [k: string]: unknown
      }
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "hole".
 */
export type Hole =
    | {
          shape: 'rectangle'
          width_mm: number
          height_mm: number
          radius_mm?: number | null
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
    | {
          shape: 'circle'
          diameter_mm: number
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
    | {
          shape: 'ellipse'
          width_mm: number
          height_mm: number
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
    | {
          shape: 'ring'
          diameter_mm: number
          inner_mm: number
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
    | {
          shape: 'polygon'
          /**
           * @minItems 3
           * @maxItems 100000
           */
          points_mm: [[number, number], [number, number], [number, number], ...[number, number][]]
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
    | {
          shape: 'path'
          /**
           * SVG path data in mm; later subpaths are holes
           */
          d: string
          x_mm: number
          y_mm: number
          holes?: [] | null
          [k: string]: unknown
      }
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "CylinderSide".
 */
export type CylinderSide = 'inside' | 'outside' | 'both'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "PieceKind".
 */
export type PieceKind =
    | 'canvas'
    | 'print'
    | 'board'
    | 'tile'
    | 'coaster'
    | 'tray'
    | 'tabletop'
    | 'cutout'
    | 'slab'
    | 'casting'
    | 'mould'
    | 'bezel'
    | 'pendant'
    | 'stone'
    | 'vessel'
    | 'other'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "SideName".
 */
export type SideName = 'top' | 'right' | 'bottom' | 'left'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "Surface".
 */
export type Surface =
    | 'raw_ply'
    | 'raw_mdf'
    | 'raw_wood'
    | 'primed_canvas'
    | 'unsealed_paper'
    | 'fabric'
    | 'unglazed_ceramic'
    | 'slate'
    | 'printed_plastic'
    | 'glazed_tile'
    | 'metal'
    | 'sealed'
    | 'old_paint'
    | 'cured_resin'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "EdgeTurn".
 */
export type EdgeTurn = 'square' | 'bevelled' | 'none'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "CoatSpec".
 */
export type CoatSpec = CoatSpec1
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "CoatKind".
 */
export type CoatKind = 'seal' | 'base' | 'flood' | 'layer' | 'dome' | 'skim' | 'top' | 'back'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "Containment".
 */
export type Containment = 'open' | 'held' | 'dammed' | 'placed'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "Counted".
 */
export type Counted = 'laid' | 'mixed'
export type Outline1 = {
    x_mm?: number | null
    y_mm?: number | null
    share_pct?: null
    [k: string]: unknown
} & (
    | {
          shape: 'rectangle'
          width_mm: number
          height_mm: number
          radius_mm?: number | null
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'circle'
          diameter_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'ellipse'
          width_mm: number
          height_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'ring'
          diameter_mm: number
          inner_mm: number
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'polygon'
          /**
           * @minItems 3
           * @maxItems 100000
           */
          points_mm: [[number, number], [number, number], [number, number], ...[number, number][]]
          holes?: Hole[] | null
          [k: string]: unknown
      }
    | {
          shape: 'path'
          /**
           * SVG path data in mm; later subpaths are holes
           */
          d: string
          holes?: Hole[] | null
          [k: string]: unknown
      }
)
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "Laying".
 */
export type Laying = 'centre' | 'ribbons' | 'stripes' | 'cups' | 'drops' | 'lines' | 'lacing' | 'skim' | 'brush'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "Dam".
 */
export type Dam = 'tape' | 'frame' | 'border' | 'mould' | 'lip' | 'drape'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "OverHard".
 */
export type OverHard = 'sand' | 'wipe'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "StepState".
 */
export type StepState = 'open' | 'done' | 'skipped'
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "RatioBy".
 */
export type RatioBy = 'volume' | 'weight'

/**
 * What a studio plans to pour. Unknown fields are kept and ignored. A field that is null counts as left out.
 */
export interface PlanDocument {
    format: 'open-glaze-plan'
    version: 1
    studio: StudioSpec
    resins?: ResinSpec[] | null
    pieces?: PieceSpec[] | null
    coats?: CoatSpec[] | null
    batches?: BatchSpec[] | null
    vessels?: VesselSpec[] | null
    colourants?: ColourantSpec[] | null
    recipes?: RecipeSpec[] | null
    [k: string]: unknown
}
export interface StudioSpec2 {
    temperature_c?: number | null
    temperatures?:
        | [
              {
                  at_h: number
                  c: number
                  [k: string]: unknown
              },
              ...{
                  at_h: number
                  c: number
                  [k: string]: unknown
              }[],
          ]
        | null
    humidity_pct?: number | null
    slope_mm_per_m?: number | null
    margin_pct?: number | null
    surface_c?: number | null
    spread_min?: number | null
    second_torch_min?: number | null
    advancing_angle_deg?: number | null
    residue_film_mm?: number | null
    activation_kj_mol?: number | null
    flow_activation_kj_mol?: number | null
    wall_angle_deg?: number | null
    void_fraction?: number | null
    heat_loss_w_m2_k?: number | null
    drop_ml?: number | null
    dip_ml?: number | null
    measure_by?: WayName | null
    [k: string]: unknown
}
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "ResinSpec".
 */
export interface ResinSpec {
    id: string
    name?: string | null
    family?: ResinFamily | null
    density_a_g_ml?: number
    viscosity_pa_s?: number
    viscosity_at_c?: number
    surface_tension_n_m?: number | null
    reference_c?: number
    open_min: number
    mix_min?: number | null
    recoat_from_h?: number | null
    recoat_to_h?: number | null
    sand_from_h?: number | null
    handle_h?: number | null
    full_cure_h?: number | null
    max_pour_mm?: number | null
    min_room_c?: number | null
    max_room_c?: number | null
    max_humidity_pct?: number | null
    activation_kj_mol?: number | null
    flow_activation_kj_mol?: number | null
    pot_life_min?: number | null
    pot_life_mass_g?: number | null
    heat_kj_kg?: number | null
    heat_capacity_j_kg_k?: number | null
    shrinkage_pct?: number | null
    ratio_tolerance_pct?: number | null
    min_batch_ml?: number | null
    colourant_limit_pct?: number | null
    watery_limit_pct?: number | null
    filler_limit_pct?: number | null
    pour_first?: ('a' | 'b') | null
    [k: string]: unknown
}
export interface PieceSpec2 {
    id: string
    name?: string | null
    kind?: PieceKind | null
    edge_depth_mm?: (0 | number) | null
    coated_edges?: (('all' | 'none') | SideName[] | number) | null
    surface: Surface
    soak_ml_m2?: number | null
    heat_tolerant?: boolean | null
    quantity?: number | null
    edge_turn?: EdgeTurn | null
    edge_radius_mm?: number | null
    recess_mm?: number | null
    lip_mm?: number | null
    target_thickness_mm?: number | null
    face_down?: boolean | null
    release?: string | null
    [k: string]: unknown
}
export interface CoatSpec1 {
    id: string
    piece: string
    resin: string
    kind?: CoatKind | null
    containment?: Containment | null
    size_by:
        | {
              thickness_mm: number
              ml_per_cm2?: null
              ml_per_piece?: null
              total_depth_mm?: null
              edge_angle_deg?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              ml_per_cm2: number
              thickness_mm?: null
              ml_per_piece?: null
              total_depth_mm?: null
              edge_angle_deg?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: Counted | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              ml_per_piece: number
              thickness_mm?: null
              ml_per_cm2?: null
              total_depth_mm?: null
              edge_angle_deg?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: Counted | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              total_depth_mm: number
              thickness_mm?: null
              ml_per_cm2?: null
              ml_per_piece?: null
              edge_angle_deg?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              edge_angle_deg: number
              thickness_mm?: null
              ml_per_cm2?: null
              ml_per_piece?: null
              total_depth_mm?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              rest_leaving_mm: number
              thickness_mm?: null
              ml_per_cm2?: null
              ml_per_piece?: null
              total_depth_mm?: null
              edge_angle_deg?: null
              rest_leaving_ml?: null
              stays_mm?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              rest_leaving_ml: number
              thickness_mm?: null
              ml_per_cm2?: null
              ml_per_piece?: null
              total_depth_mm?: null
              edge_angle_deg?: null
              rest_leaving_mm?: null
              stays_mm?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
        | {
              stays_mm: number
              thickness_mm?: null
              ml_per_cm2?: null
              ml_per_piece?: null
              total_depth_mm?: null
              rest_leaving_mm?: null
              rest_leaving_ml?: null
              edge_angle_deg?: null
              counted?: 'laid' | null
              usual?: boolean | null
              [k: string]: unknown
          }
    texture?: number | null
    coverage_pct?: number | null
    edge_film_mm?: number | null
    runoff_pct?: number | null
    cups?: number | null
    residue_ml_per_cup?: number | null
    age_min?: number | null
    mark_mm?: number | null
    zone?:
        | ((
              | Outline1
              | {
                    share_pct: number
                    shape?: null
                    [k: string]: unknown
                }
          ) & {
              name?: string | null
              surface?: Surface | null
              soak_ml_m2?: number | null
              layer?: number | null
              [k: string]: unknown
          })
        | null
    relief_mm?: number | null
    displaced_ml?: number | null
    inclusions?:
        | ((
              | {
                    size_mm: number | [number] | [number, number] | [number, number, number]
                    volume_ml?: null
                    bulk_ml?: null
                    [k: string]: unknown
                }
              | {
                    volume_ml: number
                    size_mm?: null
                    bulk_ml?: null
                    [k: string]: unknown
                }
              | {
                    bulk_ml: number
                    size_mm?: null
                    volume_ml?: null
                    [k: string]: unknown
                }
          ) & {
              name?: string | null
              count?: number | null
              bottom_mm?: number | null
              height_mm?: number | null
              void_fraction?: number | null
              floats?: boolean | null
              drinks?: boolean | null
              traps_air?: boolean | null
              heat_tolerant?: boolean | null
              after_heat?: boolean | null
              on_top?: boolean | null
              [k: string]: unknown
          })[]
        | null
    laying?: Laying | null
    parts?:
        | {
              colour?: string | null
              share_pct: number
              laying?: Laying | null
              [k: string]: unknown
          }[]
        | null
    dam?: Dam | null
    tape_underside?: boolean | null
    after_oil?: boolean | null
    turn_first?: boolean | null
    over_hard?: OverHard | null
    steps?:
        | ((
              | {
                    step: string
                    [k: string]: unknown
                }
              | {
                    text: string
                    [k: string]: unknown
                }
          ) & {
              step?: string | null
              state?: StepState | null
              reason?: string | null
              text?: string | null
              after?: boolean | null
              [k: string]: unknown
          })[]
        | null
    dry_media?: string | null
    [k: string]: unknown
}
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "BatchSpec".
 */
export interface BatchSpec {
    id: string
    /**
     * @minItems 1
     */
    coats: [string, ...string[]]
    counts?: {
        [k: string]: number | null
    } | null
    cups?: number | null
    lift?: number | null
    thinned_with?: ('none' | 'alcohol' | 'solvent' | 'unknown') | null
    vessel?: string | null
    cup_diameter_mm?: number | null
    residue_ml_per_cup?: number | null
    mixed_at_c?: number | null
    emptied_min?: number | null
    measure?: {
        by: WayName
        [k: string]: unknown
    } | null
    colours?:
        | {
              name?: string | null
              recipe?: string | null
              doses?:
                  | {
                        colourant: string
                        ml?: number | null
                        g?: number | null
                        drops?: number | null
                        dips?: number | null
                        scoops?: number | null
                        [k: string]: unknown
                    }[]
                  | null
              per_ml?: number | null
              share_pct?: number | null
              ml?: number | null
              coats?: string[] | null
              small_cups?: number | null
              reserve_pct?: number | null
              [k: string]: unknown
          }[]
        | null
    [k: string]: unknown
}
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "VesselSpec".
 */
export interface VesselSpec {
    id: string
    bottom_mm: number
    top_mm: number
    height_mm: number
    floor_radius_mm?: number | null
    graduation_ml?: number | null
    have?: number | null
    weight_g?: number | null
    name?: string | null
    material?: string | null
    [k: string]: unknown
}
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "ColourantSpec".
 */
export interface ColourantSpec {
    id: string
    name?: string | null
    form?:
        | ('paste' | 'ink' | 'tint' | 'dye' | 'powder' | 'glitter' | 'flakes' | 'sand' | 'oil' | 'thinner' | 'additive')
        | null
    density_g_ml?: number | null
    watery?: boolean | null
    flammable?: ('yes' | 'no' | 'unknown') | null
    oil?: boolean | null
    filler?: boolean | null
    limit_pct?: number | null
    drop_ml?: number | null
    dip_ml?: number | null
    scoop_ml?: number | null
    colour?: string | null
    finish?: ('opaque' | 'translucent' | 'metallic') | null
    [k: string]: unknown
}
/**
 * This interface was referenced by `PlanDocument`'s JSON-Schema
 * via the `definition` "RecipeSpec".
 */
export interface RecipeSpec {
    id: string
    name?: string | null
    per_ml?: number | null
    doses?:
        | {
              colourant: string
              ml?: number | null
              g?: number | null
              drops?: number | null
              dips?: number | null
              scoops?: number | null
              [k: string]: unknown
          }[]
        | null
    [k: string]: unknown
}
