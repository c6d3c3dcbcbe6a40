<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Files spoilt in ways that a broken program, a slip of the pen or an ill will might spoil them; the same for a seed. */
final class MutatedFile
{
    private const ODD_VALUES = [
        null,
        true,
        0,
        -1,
        1.5,
        1e308,
        '',
        'any',
        'S1',
        'PS.line',
        'W1.black@B1',
        '.',
        '@',
        'a@b@c',
        "\u{0}",
        "\u{202E}",
        [],
        [[]],
        ['x' => 1],
    ];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function of(string $text): string
    {
        if ($this->random->getInt(0, 9) === 0) {
            return $this->bytes($text);
        }
        $json = json_decode($text, true);
        for ($i = $this->random->getInt(1, 4); $i > 0 && is_array($json); $i--) {
            $json = $this->spoil($json);
        }

        return (string) json_encode($json, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    private function bytes(string $text): string
    {
        for ($i = $this->random->getInt(1, 5); $i > 0; $i--) {
            $text[$this->random->getInt(0, strlen($text) - 1)] = chr($this->random->getInt(0, 255));
        }

        return $this->random->getInt(0, 2) === 0 ? substr($text, 0, $this->random->getInt(0, strlen($text))) : $text;
    }

    /**
     * @param  array<mixed>  $json
     * @return array<mixed>
     */
    private function spoil(array $json): array
    {
        if ($json === []) {
            return $json;
        }
        $keys = array_keys($json);
        $key = $keys[$this->random->getInt(0, count($keys) - 1)];
        if (is_array($json[$key]) && $json[$key] !== [] && $this->random->getInt(0, 5) > 0) {
            $json[$key] = $this->spoil($json[$key]);

            return $json;
        }
        $other = $json[$keys[$this->random->getInt(0, count($keys) - 1)]];
        switch ($this->random->getInt(0, 4)) {
            case 0:
                unset($json[$key]);
                break;
            case 1:
                $json[$key] = self::ODD_VALUES[$this->random->getInt(0, count(self::ODD_VALUES) - 1)];
                break;
            case 2:
                $json[$key] = $other;
                break;
            case 3:
                $json[] = $other;
                break;
            default:
                $json[$key] = is_string($json[$key]) ? $this->slip($json[$key]) : $other;
        }

        return array_is_list($keys) && $keys === array_keys($keys) ? array_values($json) : $json;
    }

    /** A letter or a digit put wrong: often still a name that means something. */
    private function slip(string $text): string
    {
        $slips = [
            '1' => '2',
            '2' => '1',
            'black' => 'white',
            'white' => 'black',
            'line' => 'neutral',
            't1' => 't2',
            '@B' => '@L',
            'na-' => 'gb-',
            '3way' => '4way',
            '4way' => '2p',
        ];
        $from = array_keys($slips)[$this->random->getInt(0, count($slips) - 1)];

        return str_replace((string) $from, $slips[$from], $text);
    }
}
