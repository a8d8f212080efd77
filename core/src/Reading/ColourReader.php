<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Colour\DoseSizes;
use OpenGlaze\Core\Colour\DoseUnit;
use OpenGlaze\Core\Colour\Finish;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Colour\Form;
use OpenGlaze\Core\Colour\Look;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Colour\Stuff;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\CupColour;
use OpenGlaze\Core\Plan\Studio;

/** Reads colourants, recipes, and the cups that a batch is coloured in. */
final readonly class ColourReader
{
    private const MOST_DOSES = 100;

    private const MOST_CUPS = 200;

    private const MOST_SMALL_CUPS = 10_000;

    private const COLOUR = '/^#[0-9a-f]{6}$/i';

    /**
     * @param  array<string, Colourant>  $colourants
     * @param  array<string, Recipe>  $recipes
     */
    public function __construct(
        private array $colourants,
        private array $recipes = [],
    ) {
    }

    public static function colourant(Node $node, Studio $studio): Colourant
    {
        $form = $node->choice('form', Form::class, Form::Additive) ?? Form::Additive;
        $colour = $node->has('colour') ? $node->text('colour') : null;
        if ($colour !== null && preg_match(self::COLOUR, $colour) !== 1) {
            $node->fault('colour', Message::of('plan.colour'));
            $colour = null;
        }
        $flammable = $form->usuallyFlammable();

        return new Colourant(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Colour')),
            $form,
            $node->numberOr('density_g_ml', Colourant::DENSITY_G_ML, 0.1, 20, 'g/ml'),
            new Stuff(
                $node->boolOr('watery', false),
                $node->choice('flammable', Flammable::class, $flammable) ?? $flammable,
                $node->boolOr('oil', $form === Form::Oil),
                $node->boolOr('filler', $form->fills()),
                $node->optionalNumber('limit_pct', 0.001, 100, '%')?->value,
            ),
            new DoseSizes(
                $node->optionalNumber('drop_ml', 0.001, 1, 'ml') ?? $studio->counts->dropMl,
                $node->optionalNumber('dip_ml', 0.001, 1, 'ml') ?? $studio->counts->dipMl,
                $node->optionalNumber('scoop_ml', 0.001, 100, 'ml')?->value,
            ),
            new Look($colour, $node->choice('finish', Finish::class, Finish::Opaque) ?? Finish::Opaque),
        );
    }

    public function recipe(Node $node): Recipe
    {
        return new Recipe(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Recipe')),
            $node->numberOr('per_ml', Recipe::PER_ML, 0.1, 100_000, 'ml')->value,
            $this->doses($node),
        );
    }

    /**
     * @param  list<string>  $coats  of the batch
     * @return list<ColourCup>
     */
    public function cups(Node $batch, array $coats): array
    {
        $cups = [];
        foreach ($batch->objects('colours', self::MOST_CUPS) as $index => $node) {
            $cups[] = $this->cup($node, $index, $coats);
        }
        $shares = array_sum(array_map(static fn (ColourCup $cup): float => $cup->sharePct ?? 0.0, $cups));
        if ($shares > 100 + 1e-6) {
            $batch->fault('colours', Message::of('plan.colour_shares', percent: Measure::number($shares, 1)));
        }

        return $cups;
    }

    /** @param  list<string>  $coats */
    private function cup(Node $node, int $index, array $coats): ColourCup
    {
        $recipe = $node->has('recipe') ? $this->recipes[$node->text('recipe')] ?? null : null;
        if ($node->has('recipe') && $recipe === null) {
            $node->fault('recipe', Message::of('plan.no_recipe', id: $node->text('recipe')));
        }
        if ($node->has('recipe') && $node->has('doses')) {
            $node->fault('doses', Message::of('plan.recipe_or_doses'));
        }
        if ($node->has('share_pct') === $node->has('ml')) {
            $node->fault('share_pct', $node->has('ml') ? Message::of('plan.share_or_ml') : Message::of('plan.share_missing'));
        }
        $own = $node->has('doses') ? $this->doses($node) : [];

        return new ColourCup(
            $node->has('name') ? $node->text('name') : $recipe->name ?? Message::of('batches.colour', number: $index + 1),
            $node->optionalNumber('share_pct', 0.1, 100, '%')?->value,
            $node->optionalNumber('ml', 0.01, 1_000_000, 'ml')?->value,
            new CupColour($recipe->doses ?? $own, $recipe->perMl ?? $node->optionalNumber('per_ml', 0.1, 100_000, 'ml')?->value, $recipe?->id),
            $this->coats($node, $coats),
            $node->wholeOr('small_cups', 0, 0, self::MOST_SMALL_CUPS),
            $node->numberOr('reserve_pct', 0, 0, ColourCup::MOST_RESERVE_PCT, '%')->value,
        );
    }

    /**
     * @param  list<string>  $coats
     * @return list<string>|null
     */
    private function coats(Node $node, array $coats): ?array
    {
        if (! $node->has('coats')) {
            return null;
        }
        $written = $node->raw('coats');
        $ids = [];
        foreach (is_array($written) ? array_values($written) : [] as $index => $id) {
            is_string($id) && in_array($id, $coats, true) ? $ids[] = $id : $node->faultAtEntry('coats', $index, Message::of('plan.coat_not_in_batch'));
        }

        return $ids;
    }

    /** @return list<Dose> */
    private function doses(Node $node): array
    {
        $doses = [];
        foreach ($node->objects('doses', self::MOST_DOSES) as $entry) {
            $dose = $this->dose($entry);
            if ($dose !== null) {
                $doses[] = $dose;
            }
        }

        return $doses;
    }

    private function dose(Node $node): ?Dose
    {
        $colourant = $this->colourants[$node->text('colourant')] ?? null;
        if ($colourant === null && $node->has('colourant')) {
            $node->fault('colourant', Message::of('plan.no_colourant', id: $node->text('colourant')));
        }
        $given = array_values(array_filter(DoseUnit::cases(), static fn (DoseUnit $unit): bool => $node->has($unit->value)));
        if (count($given) !== 1) {
            $node->faultHere(Message::of('plan.dose_unit'));
        }
        $unit = $given[0] ?? DoseUnit::Ml;
        $amount = $node->has($unit->value) ? $node->number($unit->value, 0.0001, 100_000, $unit->value)->value : 1.0;
        if ($colourant !== null && $colourant->mlPer($unit) === null) {
            $node->fault('scoops', Message::of('plan.scoop'));
        }

        return $colourant === null ? null : new Dose($colourant, $amount, $unit);
    }
}
