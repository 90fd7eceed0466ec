<?php

declare(strict_types=1);

// Writes the published schemas. Run after a kind of block or a track is added or changed: php schema/build.php

foreach (require __DIR__.'/published.php' as $name => $schema) {
    file_put_contents(__DIR__.'/'.$name, $schema);
}
