<?php

declare(strict_types=1);

namespace App\Paper;

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

    /** A file that other programs open at its true size. */
    public function file(): string
    {
        return $this->svg("{$this->widthMm}mm", "{$this->heightMm}mm");
    }

    /** The same as the source of an image that a page gives its size: the page maker knows no millimetres within. */
    public function source(): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($this->svg((string) $this->width, (string) $this->height));
    }

    private function svg(string $width, string $height): string
    {
        $size = "width=\"$width\" height=\"$height\" viewBox=\"0 0 $this->width $this->height\"";
        $title = htmlspecialchars($this->title, ENT_XML1);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" $size><title>$title</title>$this->body</svg>\n";
    }
}
