<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure that gives nothing of its question away in what it shows first: it is printed beside it, to be finished by hand. */
interface PrintedWithItem extends Varies
{
}
