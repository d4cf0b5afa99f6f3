<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\SaveForm;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Looks\NamedPicture;
use App\Looks\PageLookForm;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Look\PageLookEntry;
use PaperKite\Text\FormInput;

/** How the shop's own pages look. */
final readonly class PageLookController
{
    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/page-look', operationId: 'pageLook', summary: 'How the shop’s own pages look', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(PageLookResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/page-look', operationId: 'changePageLook', summary: 'Change how the shop’s own pages look', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('PageLookEntry')]
    #[Answer(PageLookResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $entry = self::entry($request->all(), $shop);
        if ($entry->errors !== []) {
            throw ValidationException::withMessages($entry->errors);
        }
        ($this->saveForm)(Edited::setting(EditKind::PageLook, $shop), ReadEditing::of($request), static fn (): PageLookForm => PageLookForm::of($shop->refresh()->page_look), static function () use ($shop, $entry): void {
            Shop::query()->whereKey($shop->id)->firstOrFail()->update(['page_look' => $entry->look]);
            if ($entry->look->banner !== '') {
                NamedPicture::keep($shop, $entry->look->banner);
            }
        });

        return $this->answer($shop);
    }

    #[OA\Post(path: '/shops/{shop}/page-look/trial', operationId: 'tryPageLook', summary: 'Say what comes of colours', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/PageLookEntry'))]
    #[Answer(PageColoursResource::class)]
    public function try(Request $request, Shop $shop): JsonResponse
    {
        return response()->json(PageColoursResource::of(self::entry($request->all(), $shop)));
    }

    /** @param  array<mixed>  $sent */
    public static function entry(array $sent, Shop $shop): PageLookEntry
    {
        $typed = FormInput::of($sent);

        return PageLookEntry::read($typed, NamedPicture::in($shop, $typed, 'banner')?->path() ?? '');
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::PageLook, $shop, $shop->id);

        return response()->json(PageLookResource::of($shop->refresh()->page_look, $version));
    }
}
