<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Models\Shop;
use App\Offers\KeepSheets;
use Illuminate\Http\Response;

/** The style sheet that a pasted button brings along. */
final readonly class ButtonSheetController
{
    public function __construct(private KeepSheets $sheets) {}

    public function __invoke(Shop $shop, string $digest): Response
    {
        return new Response($this->sheets->css($shop, $digest) ?? abort(404), 200, [
            'Content-Type' => 'text/css; charset=UTF-8',
            'Cache-Control' => 'public, max-age=31536000, immutable',
        ]);
    }
}
