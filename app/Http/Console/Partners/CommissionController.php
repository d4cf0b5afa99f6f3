<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\PartnerAddress;
use App\Models\Shop;
use App\PartnerReports\Outlook;
use App\PartnerReports\ReadRecords;
use App\PartnerReports\SalesRecord;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Commission\BreakEven;
use PaperKite\Refusal;

/** What partners' goods should bring, what they have brought, and what a cost must bring to be worth it. */
final readonly class CommissionController
{
    private const PER_PAGE = 20;

    public function __construct(
        private ReadRecords $records,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/commission', operationId: 'commission', summary: 'What partners’ goods should bring, and have brought', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(CommissionListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $found = PartnerAddress::itemsOf($shop);
        FindByWords::in($found->getQuery(), 'partner_addresses.product_id', $shop, Kind::Product, Search::typed($request));
        $page = CountedPage::of($found->with(['marketplace.rates', 'product'])->orderByDesc('partner_addresses.id'), self::PER_PAGE);
        $today = $this->clock->moment()->dayIn($shop->zone());
        $records = ($this->records)($shop, array_values(array_unique(array_map(static fn (PartnerAddress $address): int => $address->product_id, $page->items()))), $today);

        return response()->json(new CommissionListResource(
            array_values(array_map(static function (PartnerAddress $address) use ($records, $shop, $today): CommissionResource {
                $record = $records["{$address->product_id}/{$address->marketplace_id}"] ?? new SalesRecord;

                return CommissionResource::of($address, $record, Outlook::of($address, $record, $shop->partner_rules, $today));
            }, $page->items())),
            ReadRecords::DAYS,
            Page::of($page),
        ));
    }

    #[OA\Get(path: '/shops/{shop}/commission/{address}/break-even', operationId: 'breakEven', summary: 'What a monthly cost must bring until it has paid for itself', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'address', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'cost', description: 'A month, in the marketplace’s currency, as typed.', in: 'query', required: true, schema: new OA\Schema(type: 'string'))])]
    #[Answer(BreakEvenResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function breakEven(Request $request, Shop $shop, string $address): JsonResponse
    {
        $item = PartnerAddress::itemsOf($shop)->whereKey((int) $address)->with(['marketplace.rates', 'product'])->firstOrFail();
        $today = $this->clock->moment()->dayIn($shop->zone());
        $record = ($this->records)($shop, [$item->product_id], $today)["{$item->product_id}/{$item->marketplace_id}"] ?? new SalesRecord;
        $outlook = Outlook::of($item, $record, $shop->partner_rules, $today);
        try {
            $cost = Money::fromEntry($shop->decimalMark()->pointed(Input::text($request, 'cost')), Currency::of($item->marketplace->currency));
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages(['cost' => $refusal->getMessage()]);
        }
        $expected = $outlook->expected ?? throw ValidationException::withMessages(['cost' => CommissionResource::missing($item, $outlook)]);
        $even = BreakEven::of($cost, $expected->commission, $outlook->conversion) ?? throw ValidationException::withMessages(['cost' => 'A sale of it brings nothing; choose other goods.']);

        return response()->json(BreakEvenResource::of($cost, $expected->commission, $even));
    }
}
