<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Shop;
use App\Shops\FirstRules;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Refusal;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** What a shop says once before its goods can be paid for, where a finding misses it. */
final readonly class FirstRulesController
{
    private const LONGEST_CLASS = 40;

    public function __construct(
        private FirstRules $first,
        private TellShop $tell,
    ) {}

    #[OA\Post(path: '/shops/{shop}/rules/first-zone', operationId: 'sayFirstZone', summary: 'Say what shipping costs at home', description: 'Refused once there is a zone.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['fee'], properties: [new OA\Property(property: 'fee', description: 'As typed, in the shop’s currency.', type: 'string')]))]
    #[Answer(ShopResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function zone(Request $request, Shop $shop): JsonResponse
    {
        return $this->refusingAt('fee', $shop, fn () => $this->first->zone($shop, Money::fromEntry(self::typed($request, $shop)->decimal('fee'), $shop->currency()), ReadEditing::of($request)));
    }

    #[OA\Post(path: '/shops/{shop}/rules/first-rate', operationId: 'sayFirstRate', summary: 'Say how a tax class is taxed at home', description: 'Refused once it has a rate there.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['class', 'rate'], properties: [new OA\Property(property: 'class', type: 'string'), new OA\Property(property: 'rate', description: 'Percent, as typed.', type: 'string')]))]
    #[Answer(ShopResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function rate(Request $request, Shop $shop): JsonResponse
    {
        $typed = self::typed($request, $shop);

        return $this->refusingAt('rate', $shop, fn () => $this->first->rate($shop, Line::of($typed->text('class'), 'The tax class', self::LONGEST_CLASS)->text, Percentage::fromEntry($typed->decimal('rate')), ReadEditing::of($request)));
    }

    private static function typed(Request $request, Shop $shop): FormInput
    {
        return FormInput::of($request->all(), $shop->decimalMark());
    }

    /** @param  callable(): void  $say */
    private function refusingAt(string $field, Shop $shop, callable $say): JsonResponse
    {
        try {
            $say();
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }

        return response()->json(($this->tell)($shop->refresh()));
    }
}
