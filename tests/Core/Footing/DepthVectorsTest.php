<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Depths\DepthNeed;
use Aequus\Footing\Depths\DepthRule;
use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\HighestFoot;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Told;
use Tests\Vectors;
use Tests\VectorTestCase;

final class DepthVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'depths';

    #[DataProvider('holes')]
    public function test_how_deep_every_hole_must_be_and_by_which_rule(array $input, Expected $expect): void
    {
        $needs = array_map(fn (array $post) => $this->need($post, $input['fill_before_first_frost']), $input['posts']);
        try {
            $byName = array_combine(array_column($input['posts'], 'name'), $needs);
            $depths = match ($input['mode']) {
                'own_depth' => Depths::own($needs),
                'steps' => Depths::steps(array_map(fn (array $group) => array_map(fn (string $name) => $byName[$name], $group), $input['groups'])),
                default => Depths::commonPlane($needs, self::mm($input['asked_level'] ?? null)),
            };
        } catch (FootingRefused $refusal) {
            $this->assertTrue($expect['refused'], Told::refusal($refusal));
            $this->assertStringContainsString($expect['must_name'][0], Told::refusal($refusal));

            return;
        }
        $this->assertFalse($expect['refused']);
        $this->assertLength($expect['plane'] ?? null, $depths->plane, 'plane');
        $this->assertSame($expect['governing_post'] ?? null, $depths->deepest?->label);
        foreach ($expect['groups'] ?? [] as $group) {
            foreach ($group['posts'] as $name) {
                $this->assertLength($group['plane'], $depths->required[PostId::of($name)]->foot, "the step of {$name}");
            }
            $this->assertNotSame(
                DepthRule::CommonPlane, $depths->required[PostId::of($group['governing_post'])]->governing, 'who sets a step goes by its own rule',
            );
        }
        foreach ($expect['posts'] as $i => $post) {
            $required = $depths->required[PostId::of($post['name'])];
            $this->assertLength($post['highest_foot'], $required->highest->level, 'highest foot');
            $this->assertLength($post['foot'], $required->foot, 'foot');
            $this->assertLength($post['hole_depth'], $required->holeDepth(), 'hole depth');
            $this->assertLength($post['post_length'], $required->postLength(self::mm($input['posts'][$i]['top'])), 'post length');
            $this->assertSame($post['governing_term'], $required->governing->value);
            $this->assertSame($post['own_governing_term'], $required->highest->rule->value);
        }
    }

    public static function holes(): Generator
    {
        yield from Vectors::of('depths', 'depths');
    }

    #[DataProvider('dug')]
    public function test_whether_a_hole_as_dug_is_deep_enough(array $input, Expected $expect): void
    {
        $post = ['name' => 'A1', 'ground' => 0, 'finished_grade' => 0, 'frost_depth' => 0, 'margin' => 0, 'least_embedment' => 0,
            'pad_thickness' => $input['pad_thickness'], 'gravel_thickness' => $input['gravel_thickness']];
        $need = $this->need($post, false);
        $required = new RequiredDepth(
            $need->post, $need, new HighestFoot(self::mm($input['highest_foot']), DepthRule::Frost), self::mm($input['foot']), DepthRule::Frost,
        );
        $dug = new HoleAsDug($required, self::mm($input['clean_bottom']), self::mm($input['least_gravel_thickness']));

        $this->assertSame($expect['deep_enough'], $dug->deepEnough);
        $this->assertSame($expect['foot_allowed'], $dug->footAllowed);
        $this->assertLength($expect['short_by'], $dug->shortBy);
        $this->assertLength($expect['over_dug_by'], $dug->overDugBy);
        $this->assertLength($expect['gravel'], $dug->gravel);
        $this->assertLength($expect['foot'], $dug->foot);
        $this->assertLength($expect['foot_rises_by'], $dug->footRisesBy);
        $this->assertLength($expect['post_length'], self::mm($input['top'])->minus($dug->foot));
    }

    public static function dug(): Generator
    {
        return Vectors::of('depths', 'as_dug');
    }

    #[DataProvider('shares')]
    public function test_a_share_of_the_whole_post_stands_in_the_ground(array $input, Expected $expect): void
    {
        $embedment = LeastEmbedment::share($input['share'])->below(self::mm($input['height_above_grade']));
        $this->assertLength($expect['embedment'], $embedment);
        $this->assertLength($expect['post_length'], $embedment->plus(self::mm($input['height_above_grade'])));
    }

    public static function shares(): Generator
    {
        return Vectors::of('depths', 'share');
    }

    public function test_more_frost_never_makes_a_hole_shallower_and_a_plane_is_never_above_a_posts_own_foot(): void
    {
        $grounds = [0, -75, 120, -210, 33];
        $before = null;
        for ($frost = 0; $frost <= 1500; $frost += 50) {
            $needs = array_map(fn (int $ground, int $i) => $this->need([
                'name' => "A{$i}", 'ground' => $ground, 'finished_grade' => -20, 'frost_depth' => $frost, 'margin' => 50,
                'least_embedment' => 600, 'pad_thickness' => 100, 'gravel_thickness' => 100,
            ], false), $grounds, array_keys($grounds));
            $plane = Depths::commonPlane($needs, null);
            foreach (Depths::own($needs)->required as $id => $own) {
                $this->assertFalse($plane->plane?->isLongerThan($own->foot));
                $this->assertFalse($before !== null && $own->holeDepth()->isShorterThan($before[$id]->holeDepth()));
            }
            $before = Depths::own($needs)->required;
        }
    }

    private function need(array $post, bool $fillBeforeFirstFrost): DepthNeed
    {
        return new DepthNeed(
            new Post(PostId::of($post['name']), $post['name'], new Point(Length::zero(), Length::zero())),
            self::mm($post['ground']), self::mm($post['finished_grade']), self::mm($post['frost_depth']), self::mm($post['margin']),
            self::mm($post['least_embedment']), self::mm($post['pad_thickness']), self::mm($post['gravel_thickness']),
            $fillBeforeFirstFrost, new LeastDepths(self::mm($post['embedment_low'] ?? null)),
        );
    }
}
