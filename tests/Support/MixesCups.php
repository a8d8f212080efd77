<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Mixing;

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
        $mixing = $this->begin($coats, 'batch-1');
        while ($this->weighNext($mixing, 1.0)['next'] !== null) {
            continue;
        }
        $this->press($mixing->id, 'stirring_begun');
        $this->press($mixing->id, 'mixed');

        return $mixing->refresh();
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
