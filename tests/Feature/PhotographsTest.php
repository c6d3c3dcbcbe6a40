<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Photograph;
use App\Services\PlainJpeg;
use Tests\Support\Exam;
use Tests\Support\People;

/** The smallest baseline JPEG: one grey pixel, with whatever a camera writes beside it. */
function jpeg(string $beside = '', int $width = 1, string $after = ''): string
{
    $tables = hex2bin('ffdb004300'.str_repeat('01', 64));
    $frame = hex2bin('ffc0000b080001').pack('n', $width).hex2bin('01011100');
    $huffman = hex2bin('ffc4001f0000010501010101010100000000000000000102030405060708090a0b');
    $scan = hex2bin('ffda0008010100003f00').hex2bin('d2cf20').hex2bin('ffd9');

    return "\xFF\xD8".$beside.$tables.$frame.$huffman.$scan.$after;
}

/** A segment of a marker with some text. */
function beside(int $marker, string $text): string
{
    return "\xFF".chr($marker).pack('n', 2 + strlen($text)).$text;
}

function realBoard(Exam $exam): Attempt
{
    $attempt = $exam->attempt();
    $attempt->update(['is_on_board' => true, 'started_at' => now()]);

    return $attempt->refresh();
}

it('keeps the picture and nothing that the camera wrote beside it', function () {
    $gps = beside(0xE1, "Exif\0\0GPS 59.9139 N 10.7522 E");
    $plain = PlainJpeg::of(jpeg($gps.beside(0xFE, '<script>alert(1)</script>').beside(0xED, 'Photoshop'), after: '<?php evil'));
    expect($plain)->toBe(jpeg())->and(PlainJpeg::of(jpeg()))->toBe(jpeg());
});

it('refuses what is no picture, is huge, or stops half way', function (string $bytes) {
    expect(PlainJpeg::of($bytes))->toBeNull();
})->with([
    'text' => ['<svg onload="alert(1)"/>'],
    'a start alone' => ["\xFF\xD8"],
    'a script behind a start' => ["\xFF\xD8<script>alert(1)</script>"],
    'no frame' => ["\xFF\xD8".hex2bin('ffda0008010100003f00').hex2bin('d2cf20ffd9')],
    'too wide' => [jpeg(width: 9000)],
    'no end' => [substr(jpeg(), 0, -2)],
    'half a table' => [substr(jpeg(), 0, 30)],
    'too many bytes' => ["\xFF\xD8".str_repeat("\0", PlainJpeg::MOST_BYTES)],
    'another kind' => ["\x89PNG\r\n\x1A\n".str_repeat("\0", 40)],
]);

it('keeps photographs of a real board for its trainee and instructors, and for nobody else', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall']);
    $attempt = realBoard($exam);
    $box = array_keys($attempt->board()->enclosures)[1];
    $send = fn (string $bytes, string $to) => $this->postJson("api/attempts/$attempt->id/photographs", ['box' => $to, 'jpeg' => base64_encode($bytes)]);
    $this->actingAs($exam->instructor);
    $kept = $send(jpeg(beside(0xE1, 'Exif')), $box)->assertCreated()->json();
    expect($kept)->toHaveCount(1)->and($kept[0]['box'])->toBe($box);
    $path = "api/attempts/$attempt->id/photographs/{$kept[0]['id']}";
    $shown = $this->get($path)->assertOk();
    expect($shown->getContent())->toBe(jpeg())->and($shown->headers->get('Content-Type'))->toBe('image/jpeg')
        ->and($shown->headers->get('Content-Security-Policy'))->toContain("default-src 'none'")
        ->and($shown->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    $send('<svg/>', $box)->assertUnprocessable();
    $send(jpeg(), 'nowhere')->assertUnprocessable();
    $this->postJson("api/attempts/$attempt->id/photographs", ['box' => $box, 'jpeg' => 'no base 64 !'])->assertUnprocessable();

    $other = (new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall']))->attempt();
    $this->get("api/attempts/$other->id/photographs/{$kept[0]['id']}")->assertNotFound();
    foreach ([$exam->trainees[1], People::user('instructor')] as $stranger) {
        $this->actingAs($stranger)->get($path)->assertNotFound();
        $this->deleteJson($path)->assertNotFound();
    }
    $this->actingAs($exam->trainees[0])->get($path)->assertOk();
    $this->deleteJson($path)->assertForbidden();
    $this->actingAs($exam->instructor)->deleteJson($path)->assertOk()->assertExactJson([]);
    $screen = (new Exam('database/demo/propagation-house/board.json', ['mode' => 'coached']))->attempt();
    $this->actingAs($screen->trainee)->getJson("api/attempts/$screen->id/photographs")->assertNotFound();
});

it('keeps so many and no more', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall']);
    $attempt = realBoard($exam);
    $box = array_keys($attempt->board()->enclosures)[1];
    for ($i = 0; $i < 24; $i++) {
        Photograph::query()->create(['attempt_id' => $attempt->id, 'box' => $box, 'by' => $exam->instructor->id, 'jpeg' => base64_encode(jpeg())]);
    }
    $this->actingAs($exam->instructor)
        ->postJson("api/attempts/$attempt->id/photographs", ['box' => $box, 'jpeg' => base64_encode(jpeg())])
        ->assertUnprocessable()->assertJsonPath('errors.jpeg.0', 'A board can have 24 photographs. Delete one first.');
});
