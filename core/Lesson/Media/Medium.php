<?php

declare(strict_types=1);

namespace Daybright\Lesson\Media;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;

/** A file that a lesson shows, with what must be said about it. Every kind of medium extends it in a folder of its own. */
abstract readonly class Medium
{
    public string $name;

    /** Media type (RFC 6838). */
    public string $type;

    /** Of the file's bytes, which names the file. */
    public string $sha256;

    public string $description;

    public string $credit;

    public string $licence;

    /** @throws InvalidLesson */
    public function __construct(public string $id, Fields $fields)
    {
        $this->name = $fields->text('name', '');
        $this->type = $fields->text('type');
        $this->sha256 = $fields->text('sha256');
        $this->description = $fields->text('description', '');
        $this->credit = $fields->text('credit', '');
        $this->licence = $fields->text('licence', '');
    }

    /** As frozen lessons name it: by the hash of its bytes. Whoever shows it gives it an address of their own. */
    final public function address(): string
    {
        return static::kind().':'.$this->sha256;
    }

    /** The kind: its name in addresses, and the word for it inside a sentence. */
    abstract public static function kind(): string;

    /** @return non-empty-list<string> media types of the files of this kind; no two kinds have one in common */
    abstract public static function types(): array;
}
