<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Formats\SlideChoice;
use App\Media\Picture\PictureKind;
use Closure;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\SlideBlocks;

/** Keeps for every slide how it looked, beside what it became as blocks. */
final readonly class SlideLooks
{
    /**
     * @param  Closure(int): (string|null)  $page gives a temporary file of the page of a slide, where there are pages
     * @param  Closure(string): string  $newId
     */
    public function __construct(
        private LookedPage $lookedPage,
        private Closure $page,
        private BroughtPictures $pictures,
        private Closure $newId,
    ) {
    }

    /**
     * @param  array{id: string, steps: non-empty-list<array{id: string, script: string, pause: int}>}&array<string, mixed>  $asBlocks the
     *     slide as the document has it
     * @return SlideChoice|null null where nothing is known of its look
     */
    public function choice(ReadSlide $slide, int $number, array $asBlocks): ?SlideChoice
    {
        $page = ($this->page)($number);
        $isDrawn = $slide->page !== null && ! $slide->page->isEmpty();
        if ($page === null && ! $isDrawn) {
            return null;
        }
        $drawing = $slide->page !== null && $page === null ? $this->lookedPage->drawing($slide->page, $this->pictures->hashes()) : '';
        if ($page === null && $slide->isBetterAsItLooked()) {
            $page = LookedPage::picture($drawing, $this->pictures->dataAddress(...));
        }
        $name = "Slide {$number}";
        $id = $page === null ? ($this->newId)('picture') : $this->pictures->keep($name, PictureKind::written($page), $slide->description());
        $looked = (new SlideBlocks($this->newId, [$name => $id]))->slide($slide->asItLooked($name), $number, $asBlocks);

        return new SlideChoice(
            (string) $asBlocks['id'],
            $number,
            $slide->left,
            ['slide' => $asBlocks, 'media' => $this->pictures->shownOn([$asBlocks])],
            ['slide' => $looked, 'media' => $this->pictures->shownOn([$looked])],
            $slide->description(),
            $page === null ? $drawing : '',
        );
    }
}
