/** What each page is handed, by its name: what the pages of the demo are held to. */
import type { Props as BatchProps } from '../../../resources/js/views/Batch'
import type { Props as CoatProps } from '../../../resources/js/views/Coat'
import type { Props as EveningProps } from '../../../resources/js/views/Evening'
import type { Props as EveningSheetProps } from '../../../resources/js/views/EveningSheet'
import type { Props as FinishProps } from '../../../resources/js/views/Finish'
import type { Props as LookBackProps } from '../../../resources/js/views/LookBack'
import type { Props as MixSheetProps } from '../../../resources/js/views/MixSheet'
import type { Props as NowProps } from '../../../resources/js/views/Now'
import type { Props as PiecesProps } from '../../../resources/js/views/Pieces'
import type { Props as PourProps } from '../../../resources/js/views/Pour'
import type { Props as RehearsalProps } from '../../../resources/js/views/Rehearsal'
import type { Props as RunProps } from '../../../resources/js/views/Run'
import type { Props as ShelfProps } from '../../../resources/js/views/Shelf'
import type { Props as StudioProps } from '../../../resources/js/views/Studio'
import type { Props as TakeInProps } from '../../../resources/js/views/TakeIn'
import type { Props as TemplateProps } from '../../../resources/js/views/Template'
import type { Props as WeighProps } from '../../../resources/js/views/Weigh'

export interface Pages {
    Batch: BatchProps
    Coat: CoatProps
    Evening: EveningProps
    EveningSheet: EveningSheetProps
    Finish: FinishProps
    LookBack: LookBackProps
    MixSheet: MixSheetProps
    Now: NowProps
    Pieces: PiecesProps
    Pour: PourProps
    Rehearsal: RehearsalProps
    Run: RunProps
    Shelf: ShelfProps
    Studio: StudioProps
    TakeIn: TakeInProps
    Template: TemplateProps
    Weigh: WeighProps
}
