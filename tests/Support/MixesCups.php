<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Mixing;
use OpenGlaze\Core\Weighing\WeighKind;

/** Cups of the evening, from the first gram on. */
trait MixesCups
{
    /** @param  list<string>  $coats */
    protected function begin(array $coats, string $batch): Mixing
    {
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => $coats])->json('batches')])->assertOk();
        $this->postJson("/plans/1/batches/$batch/mixings")->assertRedirect();

        return Mixing::query()->latest('rowid')->firstOrFail();
    }

    /**
     * One that is weighed to its marks, stirred, and stands mixed.
     *
     * @param  list<string>  $coats
     */
    protected function mixed(array $coats): Mixing
    {
        return $this->filled($this->begin($coats, 'batch-1'));
    }

    /** The same of one that was begun: its parts, the stirring, then its colours. */
    protected function filled(Mixing $mixing): Mixing
    {
        while (($next = $this->nextStep($mixing)) !== null || $mixing->refresh()->mixed_at === null) {
            if ($next !== null && ($mixing->mixed_at !== null || WeighKind::from($next)->isPart())) {
                $this->weighNext($mixing, 1.0);
            } else {
                $this->press($mixing->id, 'stirring_begun');
                $this->press($mixing->id, 'mixed');
                $mixing->refresh();
            }
        }

        return $mixing->refresh();
    }

    /** What is put on the scale next; null where all is in. */
    private function nextStep(Mixing $mixing): ?string
    {
        $state = $this->get("/mixings/{$mixing->id}")->assertOk()->viewData('page')['props']['mixing'];

        return collect($state['steps'])->firstWhere('id', $state['next'])['kind'] ?? null;
    }

    /** @return array<string, mixed> the state after the next step came to a share of its mark */
    protected function weighNext(Mixing $mixing, float $share): array
    {
        $state = $this->get("/mixings/{$mixing->id}")->assertOk()->viewData('page')['props']['mixing'];
        if ($state['next'] === null) {
            return $state;
        }
        $step = collect($state['steps'])->firstWhere('id', $state['next']);

        return $this->press($mixing->id, 'weighed', ['step' => $step['id'], 'grams' => $share * $step['target_g']]);
    }
}
