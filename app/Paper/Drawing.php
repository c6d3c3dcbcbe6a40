<?php

declare(strict_types=1);

namespace App\Paper;

/** A finished drawing with its size on paper. */
final readonly class Drawing
{
    /**
     * @param  string  $body  elements of the drawing
     * @param  float  $width  of what is drawn, in its own units
     */
    public function __construct(
        private string $title,
        private string $body,
        private float $width,
        private float $height,
        public float $widthMm,
        public float $heightMm,
    ) {
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
