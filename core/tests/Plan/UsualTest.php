<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Plan\UsualCoat;
use OpenGlaze\Core\Plan\UsualPiece;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Reading\PieceReader;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Trace\TraceInput;
use OpenGlaze\Core\Trace\Traces;
use PHPUnit\Framework\TestCase;
use stdClass;

final class UsualTest extends TestCase
{
    private const OUTLINES = [
        'rectangle' => ['shape' => 'rectangle', 'width_mm' => 100, 'height_mm' => 80], 'circle' => ['shape' => 'circle', 'diameter_mm' => 100],
        'ellipse' => ['shape' => 'ellipse', 'width_mm' => 100, 'height_mm' => 80], 'path' => ['shape' => 'path', 'd' => 'M0 0H90V70H0Z'],
    ];

    private const MEASURES = ['water_g' => 180, 'ellipsoid_mm' => [60, 40, 30], 'cylinder' => ['diameter_mm' => 80, 'height_mm' => 160]];

    public function test_every_kind_with_its_size_alone_and_every_coat_on_it_can_be_planned_as_it_begins(): void
    {
        foreach (PieceKind::cases() as $kind) {
            $usual = UsualPiece::of($kind);
            $piece = json_decode((string) json_encode([
                'id' => 'chart', 'kind' => $kind->value, 'surface' => $usual->surface->value, 'coated_edges' => $usual->edges ? 'all' : 'none', 'face_down' => $usual->faceDown,
                ...(isset(self::OUTLINES[$usual->by]) ? ['outline' => self::OUTLINES[$usual->by]] : ['measure' => [$usual->by => self::MEASURES[$usual->by]]]),
            ]));
            self::assertInstanceOf(stdClass::class, $piece);
            foreach (CoatKind::cases() as $coatKind) {
                $coat = UsualCoat::of((new PieceReader)->saved(PieceEntry::of($piece)), $coatKind, null);
                if ($coat->containment === Containment::Held && ! isset($piece->outline)) {
                    continue; // a dome wants an outline, and says so
                }
                $plan = Plans::with([]);
                $plan->pieces = [$piece];
                $plan->coats = [(object) ['id' => 'first', 'piece' => 'chart', 'resin' => 'bench', 'kind' => $coatKind->value, 'containment' => $coat->containment->value,
                    'size_by' => (object) [$coat->by->value => $coat->value], 'laying' => $coat->laying->value]];
                self::assertGreaterThan(0, (new Planner)->plan((new PlanReader)->read($plan))[0]->volume->totalMl(), "{$coatKind->value} on {$kind->value}");
            }
        }
    }

    public function test_what_is_filled_is_dammed_and_a_coat_ends_as_the_one_below_does(): void
    {
        $tray = (new PieceReader)->saved(PieceEntry::of((object) ['id' => 'tray', 'surface' => 'slate', 'recess_mm' => 6, 'outline' => (object) self::OUTLINES['ellipse']]));
        $mould = (new PieceReader)->saved(PieceEntry::of((object) ['id' => 'mould', 'surface' => 'sealed', 'measure' => (object) ['water_g' => 200]]));
        self::assertSame(Containment::Dammed, UsualCoat::of($tray, CoatKind::Base, null)->containment);
        self::assertSame(Containment::Open, UsualCoat::of($tray, CoatKind::Top, Containment::Open)->containment);
        self::assertSame(Containment::Held, UsualCoat::of($tray, CoatKind::Dome, Containment::Open)->containment);
        self::assertSame([Containment::Dammed, SizeBy::RestLeavingMl, 0.0], [UsualCoat::of($mould, CoatKind::Flood, null)->containment, UsualCoat::of($mould, CoatKind::Flood, null)->by, UsualCoat::of($mould, CoatKind::Flood, null)->value]);
    }

    public function test_a_first_coat_ends_as_its_kind_of_piece_wants(): void
    {
        $first = static function (string $kind, array $more = []): Containment {
            $piece = (object) ['id' => 'one', 'kind' => $kind, 'surface' => 'sealed', 'outline' => (object) self::OUTLINES['rectangle'], ...$more];

            return UsualCoat::of((new PieceReader)->saved(PieceEntry::of($piece)), CoatKind::Flood, null)->containment;
        };
        foreach (['tile', 'coaster', 'pendant', 'print'] as $kind) {
            self::assertSame(Containment::Held, $first($kind), $kind);
            self::assertSame(Containment::Open, $first($kind, ['coated_edges' => 'all', 'edge_depth_mm' => 20]), "$kind whose edges get coated");
        }
        self::assertSame(Containment::Dammed, $first('tray', ['lip_mm' => 6]));
        self::assertSame([Containment::Open, Containment::Open], [$first('tray'), $first('canvas')]);
        $counted = (new PieceReader)->saved(PieceEntry::of((object) ['id' => 'one', 'kind' => 'pendant', 'surface' => 'metal', 'measure' => (object) ['each_ml' => 2]]));
        self::assertSame(Containment::Open, UsualCoat::of($counted, CoatKind::Flood, null)->containment, 'nothing is known of its edge');
    }

    public function test_what_nobody_entered_is_not_explained_as_entered(): void
    {
        $origins = static function (array $changes, string $figure): array {
            $inputs = Traces::of(Plans::computed($changes))[$figure]->inputs;

            return array_column(array_map(static fn (TraceInput $one): array => [$one->symbol, $one->origin], $inputs), 1, 0);
        };
        $usual = ['/coats/0/size_by' => (object) ['thickness_mm' => 1.6, 'usual' => true], '/coats/0/cups' => new Gone, '/pieces/0/quantity' => new Gone];
        self::assertSame([Origin::Assumed, Origin::Assumed], [$origins($usual, 'film')['thickness_mm'], $origins($usual, 'film')['quantity']]);
        self::assertSame(Origin::Assumed, $origins([...$usual, '/coats/0/residue_ml_per_cup' => 3], 'residue')['cups']);
        $said = ['/coats/0/size_by' => (object) ['thickness_mm' => 1.6], '/coats/0/cups' => 1, '/pieces/0/quantity' => 1];
        self::assertSame([Origin::Entered, Origin::Entered], [$origins($said, 'film')['thickness_mm'], $origins($said, 'film')['quantity']]);
        self::assertSame(Origin::Entered, $origins([...$said, '/coats/0/residue_ml_per_cup' => 3], 'residue')['cups']);
    }
}
