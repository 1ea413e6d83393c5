<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Blade;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\FeatureTestCase;

/** The two tags that stand hundreds of times on a page are compiled to a call, however they are broken into lines. */
final class SmallTagsTest extends FeatureTestCase
{
    #[TestWith(['<x-length :of="$a" :plan="$plan" />', 'lengthOrNone($plan->notation, $a)'])]
    #[TestWith(["<x-length\n    :of=\"\$a->of(\$b)\"\n    :plan=\"\$plan\"\n/>", 'lengthOrNone($plan->notation, $a->of($b))'])]
    #[TestWith(["<x-words\n    :say=\"\$site->speech->say(\$move->do)\" />", 'sentence($site->speech->say($move->do))'])]
    public function test_a_small_tag_is_a_call(string $tag, string $call): void
    {
        $compiled = Blade::compileString($tag);
        $this->assertStringContainsString($call, $compiled);
        $this->assertStringNotContainsString('Component', $compiled);
    }

    public function test_no_view_has_one_that_is_not(): void
    {
        foreach (glob(dirname(__DIR__, 2).'/resources/views/{,*/,*/*/}*.blade.php', GLOB_BRACE) ?: [] as $file) {
            $compiled = Blade::compileString((string) file_get_contents($file));
            $this->assertStringNotContainsString("'components.length'", $compiled, $file);
            $this->assertStringNotContainsString("'components.words'", $compiled, $file);
        }
    }
}
