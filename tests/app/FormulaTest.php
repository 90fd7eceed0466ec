<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Formula\MathJax;
use Daybright\Scene\FormulaSetter;
use DOMDocument;

class FormulaTest extends TestCase
{
    public function test_formulas_are_set_as_paths_and_nothing_that_loads_or_runs(): void
    {
        foreach (['\\frac{3}{4} + \\frac{1}{2}', 'v = u + a\\,t', '\\sqrt{a^2 + b^2}', '\\int_0^1 x\\,dx'] as $tex) {
            $set = $this->app->make(FormulaSetter::class)->set($tex);
            $this->assertNull($set->trouble, $tex);
            $this->assertGreaterThan(0.5, $set->width);
            $document = new DOMDocument;
            $this->assertTrue($document->loadXML('<svg>'.$set->markup.'</svg>'));
            $names = array_unique(array_map(
                static fn ($element): string => $element->nodeName,
                iterator_to_array($document->getElementsByTagName('*')),
            ));
            $this->assertSame([], array_diff($names, ['svg', 'g', 'path', 'rect']));
        }
        $fraction = $this->app->make(FormulaSetter::class)->set('\\frac{3}{4}');
        $this->assertGreaterThan(0.2, $fraction->descent);
        $this->assertGreaterThan($this->app->make(FormulaSetter::class)->set('x')->ascent, $fraction->ascent);
    }

    public function test_what_cannot_be_read_is_shown_as_typed_with_what_is_wrong(): void
    {
        foreach ([
            '\\frac{1}{' => 'Missing close brace',
            '\\href{javascript:alert(1)}{x}' => 'Undefined control sequence',
            '\\def\\a{\\a\\a}\\a' => 'Undefined control sequence',
        ] as $tex => $trouble) {
            $set = $this->app->make(FormulaSetter::class)->set($tex);
            $this->assertStringContainsString($trouble, (string) $set->trouble);
            $this->assertStringNotContainsString('<rect', $set->markup);
            $this->assertStringNotContainsString('javascript', $set->markup);
        }
    }

    public function test_what_was_set_once_is_kept(): void
    {
        $tex = 'x_{'.random_int(1, PHP_INT_MAX).'}';
        $first = (new MathJax)->set($tex);
        config(['daybright.programs.node' => '/bin/false', 'daybright.formula_socket' => '/nowhere']);
        $this->assertEquals($first, (new MathJax)->set($tex));
    }

    public function test_the_ready_check_leads_to_a_formula_that_cannot_be_set(): void
    {
        $document = self::documentWithText('So `\\frac{1}{` it is');
        $lesson = $this->lesson($teacher = $this->teacher(), $document);
        $findings = $this->actingAs($teacher)->getJson("/api/lessons/{$lesson->id}/ready")->assertOk()->json('findings');
        $found = array_values(array_filter($findings, static fn (array $finding): bool => $finding['rule'] === 'unreadable-formula'));
        $this->assertSame(['measure', 'text'], [$found[0]['slide'], $found[0]['block']]);
        $this->assertStringContainsString('Missing close brace', $found[0]['sentence']);
    }
}
