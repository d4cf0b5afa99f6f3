<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\FormVersions;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\Page;
use App\Models\FormVersion;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Edit\FieldChange;
use PaperKite\Edit\FormDifference;

/** What a form has said, change by change: of a product, a look, a table, a coupon, a marketplace, and of what a shop has once. */
final readonly class HistoryController
{
    private const PER_PAGE = 20;

    public function __construct(
        private FormVersions $versions,
        private SayFields $say,
    ) {}

    #[OA\Get(path: '/shops/{shop}/history/{kind}/{subject}', operationId: 'formHistory', summary: 'What a form has said, change by change', description: 'Each version can be put into the form again.', parameters: [
        new OA\Parameter(ref: '#/components/parameters/shop'),
        new OA\Parameter(name: 'kind', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['product', 'rules', 'checkout', 'shopfront', 'words', 'look', 'price_table', 'shelf', 'coupon', 'marketplace', 'page_look', 'partner_rules'])),
        new OA\Parameter(name: 'subject', description: 'The id of the thing; 0: the shop has it once.', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(ref: '#/components/parameters/page'),
    ])]
    #[Answer(FormHistoryResource::class)]
    public function __invoke(Shop $shop, string $kind, string $subject): JsonResponse
    {
        $of = EditKind::tryFrom($kind) ?? abort(404);
        $id = (int) $subject;
        $edited = $id === 0 ? Edited::setting($of, $shop) : Edited::thing($of, $shop, $id);
        // What comes before the last of a page is read along, to be held against it.
        $page = $this->versions->of($edited)->with('person')->orderByDesc('version')->paginate(self::PER_PAGE);
        $versions = array_values($page->items());
        $last = end($versions);
        $before = $last === false ? null : $this->versions->of($edited)->where('version', '<', $last->version)->orderByDesc('version')->first();

        return response()->json(new FormHistoryResource(
            array_map(fn (FormVersion $version, int $i) => $this->told($shop, $version, $versions[$i + 1] ?? $before), $versions, array_keys($versions)),
            Page::of($page),
        ));
    }

    private function told(Shop $shop, FormVersion $version, ?FormVersion $before): FormVersionResource
    {
        $changes = $before === null ? [] : FormDifference::between($before->form, $version->form)->changes;

        return FormVersionResource::of($version, array_map(fn (FieldChange $change) => FieldChangeResource::of($change, $this->say->of($shop, $change)), $changes));
    }
}
