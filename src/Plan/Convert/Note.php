<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

/** One thing that is different in the other practice: a code and its parameters. */
final readonly class Note
{
    /**
     * @param  list<string>  $at  ids of devices, cables or enclosures that it is about
     * @param  string  $before  a model, a type, a colour or a scheme, by the code it has in files
     */
    public function __construct(
        public NoteKind $kind,
        public array $at = [],
        public string $before = '',
        public string $after = '',
        public string $role = '',
    ) {
    }
}
