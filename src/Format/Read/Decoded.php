<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use stdClass;

/**
 * PHP's arrays as JSON has them. An empty array may be a list or an object: what the schema asks for at its place decides, so that
 * nothing has to be written as text in order to be read.
 */
final readonly class Decoded
{
    private function __construct(private stdClass $root)
    {
    }

    /** @param  array<mixed>|object  $value  lists, objects, and arrays with names for objects */
    public static function by(stdClass $schema, array|object $value): mixed
    {
        return (new self($schema))->value($value, $schema);
    }

    private function value(mixed $value, ?stdClass $schema): mixed
    {
        $schema = $this->resolved($schema);

        return match (true) {
            $value instanceof stdClass => $this->members(get_object_vars($value), $schema),
            is_array($value) && $this->isObject($value, $schema) => $this->members($value, $schema),
            is_array($value) => array_map(fn (mixed $item) => $this->value($item, $this->part($schema, 'items')), $value),
            default => $value,
        };
    }

    /** @param  array<mixed>  $members */
    private function members(array $members, ?stdClass $schema): stdClass
    {
        $object = new stdClass;
        foreach ($members as $name => $value) {
            $known = $this->part($this->part($schema, 'properties'), (string) $name) ?? $this->part($schema, 'additionalProperties');
            $object->{$name} = $this->value($value, $known);
        }

        return $object;
    }

    /** @param  array<mixed>  $value */
    private function isObject(array $value, ?stdClass $schema): bool
    {
        return $value === [] ? in_array('object', (array) ($schema->type ?? []), true) : ! array_is_list($value);
    }

    private function resolved(?stdClass $schema): ?stdClass
    {
        $named = $schema->{'$ref'} ?? null;

        return is_string($named) && str_starts_with($named, '#/$defs/')
            ? $this->part($this->part($this->root, '$defs'), substr($named, strlen('#/$defs/')))
            : $schema;
    }

    private function part(?stdClass $schema, string $name): ?stdClass
    {
        $part = $schema->{$name} ?? null;

        return $part instanceof stdClass ? $part : null;
    }
}
