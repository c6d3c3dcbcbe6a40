<?php

declare(strict_types=1);

namespace App\Paper\Drawn;

use App\Enums\PaperFace;

/** A finished drawing with its size on paper. */
final readonly class Drawing
{
    private const PX_PER_MM = 96 / 25.4;

    /**
     * @param  string  $body  elements of the drawing
     * @param  float  $width  of what is drawn, in its own units
     */
    public function __construct(
        public string $title,
        private string $body,
        private float $width,
        private float $height,
        public float $widthMm,
        public float $heightMm,
    ) {
    }

    /** Its size on a page of 96 dots to the inch, so that it is printed to scale. */
    public function widthPx(): float
    {
        return round($this->widthMm * self::PX_PER_MM, 2);
    }

    public function heightPx(): float
    {
        return round($this->heightMm * self::PX_PER_MM, 2);
    }

    /** A file that other programs open at its true size, with its face in it. */
    public function file(): string
    {
        return $this->svg("{$this->widthMm}mm", "{$this->heightMm}mm", '<style>'.PaperFace::embedded().'</style>'.$this->body);
    }

    /** The same within a page of the screen, which has the face. */
    public function within(): string
    {
        return $this->svg((string) $this->widthPx(), (string) $this->heightPx(), $this->body);
    }

    /** The same as the source of an image that a page gives its size: the page maker knows no millimetres within. */
    public function source(): string
    {
        $svg = $this->svg((string) $this->width, (string) $this->height, $this->withFaceFiles());

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    private function svg(string $width, string $height, string $body): string
    {
        $size = "width=\"$width\" height=\"$height\" viewBox=\"0 0 $this->width $this->height\"";
        $title = htmlspecialchars($this->title, ENT_XML1);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" $size role=\"img\"><title>$title</title>$body</svg>\n";
    }

    /** Faces by their files, each weight its own. */
    private function withFaceFiles(): string
    {
        return (string) preg_replace_callback(
            '/ font-family="([^,"]+)[^"]*"( font-size="[^"]*")( font-weight="bold")?/',
            fn (array $found) => ' font-family="'.PaperFace::from($found[1])->metrics(isset($found[3])).'"'.$found[2],
            $this->body,
        );
    }
}
