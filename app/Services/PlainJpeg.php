<?php

declare(strict_types=1);

namespace App\Services;

/**
 * A JPEG with its picture and nothing else: what cameras write beside it (place, time, serial number, previews, comments) is left
 * out, and so is whatever stands after its end.
 *
 * Source: the markers of ITU-T T.81, annex B.
 */
final class PlainJpeg
{
    public const MOST_BYTES = 700_000;

    public const MOST_PIXELS = 2048;

    private const START = "\xFF\xD8";

    private const END = "\xFF\xD9";

    private const START_OF_SCAN = 0xDA;

    /** Tables, frames and restart intervals: what a decoder needs. */
    private const NEEDED = [0xC0, 0xC1, 0xC2, 0xC4, 0xDB, 0xDD];

    private const FRAMES = [0xC0, 0xC1, 0xC2];

    /** Null for what is no JPEG, broken, or too large. */
    public static function of(string $bytes): ?string
    {
        if (strlen($bytes) > self::MOST_BYTES || ! str_starts_with($bytes, self::START)) {
            return null;
        }
        $plain = self::START;
        $at = 2;
        $hasFrame = false;
        while (true) {
            $segment = self::segment($bytes, $at);
            if ($segment === null) {
                return null;
            }
            [$marker, $length] = $segment;
            $whole = substr($bytes, $at, 2 + $length);
            if (in_array($marker, self::FRAMES, true)) {
                if (! self::isInBounds($whole)) {
                    return null;
                }
                $hasFrame = true;
            }
            if ($marker === self::START_OF_SCAN) {
                return $hasFrame ? self::withScans($plain, $bytes, $at) : null;
            }
            $plain .= in_array($marker, self::NEEDED, true) ? $whole : '';
            $at += 2 + $length;
        }
    }

    /** The scans, each with the tables before it, up to the end of the picture. */
    private static function withScans(string $plain, string $bytes, int $at): ?string
    {
        while (true) {
            $segment = self::segment($bytes, $at);
            if ($segment === null) {
                return null;
            }
            [$marker, $length] = $segment;
            if ($marker === self::START_OF_SCAN || in_array($marker, self::NEEDED, true)) {
                $plain .= substr($bytes, $at, 2 + $length);
            }
            $at += 2 + $length;
            if ($marker === self::START_OF_SCAN) {
                // Entropy-coded data: a marker begins where FF is followed by neither 00 nor a restart.
                if (preg_match('/\xFF[^\x00\xD0-\xD7\xFF]/', $bytes, $found, PREG_OFFSET_CAPTURE, $at) !== 1) {
                    return null;
                }
                $next = $found[0][1];
                $plain .= substr($bytes, $at, $next - $at);
                $at = $next;
                if (substr($bytes, $at, 2) === self::END) {
                    return $plain.self::END;
                }
            }
        }
    }

    /** @return array{int, int}|null marker and length, the two bytes of the length included */
    private static function segment(string $bytes, int $at): ?array
    {
        $head = substr($bytes, $at, 4);
        if (strlen($head) < 4 || $head[0] !== "\xFF") {
            return null;
        }
        $length = (ord($head[2]) << 8) + ord($head[3]);

        return $length < 2 || $at + 2 + $length > strlen($bytes) ? null : [ord($head[1]), $length];
    }

    private static function isInBounds(string $frame): bool
    {
        if (strlen($frame) < 9) {
            return false;
        }
        $height = (ord($frame[5]) << 8) + ord($frame[6]);
        $width = (ord($frame[7]) << 8) + ord($frame[8]);

        return $height > 0 && $width > 0 && $height <= self::MOST_PIXELS && $width <= self::MOST_PIXELS;
    }
}
