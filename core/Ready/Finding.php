<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Fields;

/** One thing that the ready check found, and where. */
final readonly class Finding
{
    /**
     * @param  string  $rule name of the rule that found it
     * @param  string  $sentence what is the matter and what to do
     * @param  string|null  $field path inside the block's content
     * @param  string  $about by which it is known again when it was set aside: the sentence, unless that changes while the matter stays
     * @param  Remedy|null  $remedy where one press can mend it
     */
    private function __construct(
        public string $rule,
        public string $sentence,
        public ?string $slide,
        public ?string $block,
        public ?string $step,
        public ?string $field,
        private string $about,
        public ?Remedy $remedy = null,
    ) {
    }

    public static function read(Fields $finding): self
    {
        return new self(
            $finding->text('rule'),
            $finding->text('sentence'),
            $finding->optionalText('slide'),
            $finding->optionalText('block'),
            $finding->optionalText('step'),
            $finding->optionalText('field'),
            $finding->text('about'),
            $finding->named()['remedy'] === null ? null : Remedy::read($finding->fields('remedy')),
        );
    }

    public static function ofLesson(string $rule, string $sentence): self
    {
        return new self($rule, $sentence, null, null, null, null, $sentence);
    }

    public static function ofSlide(string $rule, string $sentence, string $slide): self
    {
        return new self($rule, $sentence, $slide, null, null, null, $sentence);
    }

    public static function ofStep(string $rule, string $sentence, string $slide, string $step): self
    {
        return new self($rule, $sentence, $slide, null, $step, null, $sentence);
    }

    public static function ofBlock(string $rule, string $sentence, string $slide, string $block, ?string $field = null): self
    {
        return new self($rule, $sentence, $slide, $block, null, $field, $sentence);
    }

    /** Known again by something that stays while the numbers in its sentence change. */
    public function about(string $about): self
    {
        return new self($this->rule, $this->sentence, $this->slide, $this->block, $this->step, $this->field, $about, $this->remedy);
    }

    public function mendedBy(Remedy $remedy): self
    {
        return new self($this->rule, $this->sentence, $this->slide, $this->block, $this->step, $this->field, $this->about, $remedy);
    }

    /** A name by which the document says that it was set aside. */
    public function id(): string
    {
        $place = [$this->rule, $this->slide, $this->block, $this->step, $this->field, $this->about];

        return substr(hash('sha256', (string) json_encode($place)), 0, 16);
    }

    /** @return array<string, mixed> to be read again */
    public function toArray(): array
    {
        return [
            'rule' => $this->rule,
            'sentence' => $this->sentence,
            'slide' => $this->slide,
            'block' => $this->block,
            'step' => $this->step,
            'field' => $this->field,
            'about' => $this->about,
            'remedy' => $this->remedy,
        ];
    }

    /**
     * For the teacher.
     *
     * @param  array<string, string>  $setAside reasons, by the ids of findings
     * @return array<string, mixed>
     */
    public function told(array $setAside): array
    {
        return [
            'id' => $this->id(),
            'rule' => $this->rule,
            'sentence' => $this->sentence,
            'slide' => $this->slide,
            'block' => $this->block,
            'step' => $this->step,
            'field' => $this->field,
            'remedy' => $this->remedy,
            'setAside' => $setAside[$this->id()] ?? null,
        ];
    }
}
