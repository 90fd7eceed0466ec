<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Fields;

/** What the ready check knows of a slide from looking at it alone: kept as long as the slide stays as it is. */
final readonly class SlideReport
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<LinkOnSlide>  $links
     */
    public function __construct(public array $findings, public array $links, public SlideSummary $summary)
    {
    }

    public static function summarise(SlideInspection $inspection): self
    {
        $findings = [];
        foreach (ReadyCheck::rules() as $rule) {
            array_push($findings, ...($rule instanceof SlideRule ? $rule->check($inspection) : []));
        }
        $links = [];
        foreach ($inspection->scene->groups as $group) {
            if ($group->link !== null) {
                $links[] = new LinkOnSlide($group->block, $group->link->slide, $group->link->label);
            }
        }

        return new self($findings, $links, SlideSummary::of($inspection->slide));
    }

    public static function read(Fields $report): self
    {
        return new self(
            array_map(Finding::read(...), $report->list('findings')),
            array_map(LinkOnSlide::read(...), $report->list('links')),
            SlideSummary::read($report->fields('summary')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->findings),
            'links' => array_map(static fn (LinkOnSlide $link): array => get_object_vars($link), $this->links),
            'summary' => [
                'terms' => (object) $this->summary->terms,
                'materials' => (object) $this->summary->materials,
            ] + get_object_vars($this->summary),
        ];
    }
}
