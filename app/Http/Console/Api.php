<?php

declare(strict_types=1);

namespace App\Http\Console;

use App\Catalogue\ProductSort;
use App\Catalogue\ProductState;
use App\Deleting\Deletable;
use App\Embed\WidgetClick;
use App\Finding\Act;
use App\Http\Console\History\ClashResource;
use App\Http\Console\Once\OnlyOnce;
use App\Http\Console\Partners\PriceAct;
use App\Models\ReportState;
use App\Models\SaleStands;
use App\Models\SampleState;
use App\Offers\OfferSort;
use App\PartnerReports\EarningsBy;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\WeightUnit;
use PaperKite\Checkout\CouponPlace;
use PaperKite\Checkout\Demand;
use PaperKite\Checkout\Missing;
use PaperKite\Download\LinkState;
use PaperKite\Download\SampleKind;
use PaperKite\GiftCard\CardState;
use PaperKite\Link\OpenDestination;
use PaperKite\Look\Font;
use PaperKite\Look\Icon;
use PaperKite\Look\PageFont;
use PaperKite\Look\Shadow;
use PaperKite\Look\Side;
use PaperKite\Look\Width;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Severity;
use PaperKite\Offer\Slot;
use PaperKite\Offer\WordSource;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Partner\Counting;
use PaperKite\Partner\NamedBy;
use PaperKite\Partner\Price\PriceState;
use PaperKite\Partner\Price\StalePrice;
use PaperKite\Partner\ReferrerPolicy;
use PaperKite\Partner\Report\CreditedBy;
use PaperKite\Partner\Scheme;
use PaperKite\Payment\RefundState;
use PaperKite\People\Ability;
use PaperKite\People\Role;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Separator;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ShelfDensity;
use PaperKite\Text\DecimalMark;

/** What is true of the console's whole interface. */
#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(version: '1', title: 'Paper Kite console', license: new OA\License(name: 'Proprietary', identifier: 'LicenseRef-Proprietary'), description: 'Between the console and its server. Signed in by session; every change carries the XSRF-TOKEN cookie as X-XSRF-TOKEN.')]
#[OA\Server(url: '/api')]
#[OA\Components(
    schemas: [
        new OA\Schema(schema: 'Drawing', type: 'string', enum: Drawing::class),
        new OA\Schema(schema: 'ProductKind', type: 'string', enum: ProductKind::class),
        new OA\Schema(schema: 'ProductPart', type: 'string', enum: ProductPart::class),
        new OA\Schema(schema: 'CartUse', type: 'string', enum: CartUse::class),
        new OA\Schema(schema: 'Destination', type: 'string', enum: Onwards::class),
        new OA\Schema(schema: 'Opening', type: 'string', enum: Opening::class),
        new OA\Schema(schema: 'ButtonState', type: 'string', enum: ButtonState::class),
        new OA\Schema(schema: 'WordSource', type: 'string', enum: WordSource::class),
        new OA\Schema(schema: 'AfterAdding', type: 'string', enum: AfterAdding::class),
        new OA\Schema(schema: 'Shadow', type: 'string', enum: Shadow::class),
        new OA\Schema(schema: 'Font', type: 'string', enum: Font::class),
        new OA\Schema(schema: 'Icon', type: 'string', enum: Icon::class),
        new OA\Schema(schema: 'PageFont', type: 'string', enum: PageFont::class),
        new OA\Schema(schema: 'Side', type: 'string', enum: Side::class),
        new OA\Schema(schema: 'PlaceWidth', description: 'Blank: as the look says.', type: 'string', enum: ['', 'own', 'percent', 'full']),
        new OA\Schema(schema: 'Width', type: 'string', enum: Width::class),
        new OA\Schema(schema: 'WidgetForm', type: 'string', enum: WidgetForm::class),
        new OA\Schema(schema: 'WidgetClick', type: 'string', enum: WidgetClick::class),
        new OA\Schema(schema: 'MediumKey', type: 'string', enum: ['link', 'html', 'widget', 'email', 'markdown', 'qr', 'json_ld', 'price_table']),
        new OA\Schema(schema: 'OpenDestination', type: 'string', enum: OpenDestination::class),
        new OA\Schema(schema: 'OfferState', type: 'string', enum: OfferState::class),
        new OA\Schema(schema: 'GoodsState', type: 'string', enum: GoodsState::class),
        new OA\Schema(schema: 'ShelfDensity', type: 'string', enum: ShelfDensity::class),
        new OA\Schema(schema: 'Deletable', type: 'string', enum: Deletable::class),
        new OA\Schema(schema: 'ProductState', type: 'string', enum: ProductState::class),
        new OA\Schema(schema: 'ProductSort', type: 'string', enum: ProductSort::class),
        new OA\Schema(schema: 'OfferSort', type: 'string', enum: OfferSort::class),
        new OA\Schema(schema: 'Act', type: 'string', enum: Act::class),
        new OA\Schema(schema: 'MoneyState', type: 'string', enum: MoneyState::class),
        new OA\Schema(schema: 'RefundState', type: 'string', enum: RefundState::class),
        new OA\Schema(schema: 'Role', type: 'string', enum: Role::class),
        new OA\Schema(schema: 'Ability', type: 'string', enum: Ability::class),
        new OA\Schema(schema: 'MendAt', type: 'string', enum: MendAt::class),
        new OA\Schema(schema: 'MissingKey', type: 'string', enum: Missing::class),
        new OA\Schema(schema: 'Severity', type: 'string', enum: Severity::class),
        new OA\Schema(schema: 'Slot', type: 'string', enum: Slot::class),
        new OA\Schema(schema: 'CouponKind', type: 'string', enum: CouponKind::class),
        new OA\Schema(schema: 'CouponPlace', type: 'string', enum: CouponPlace::class),
        new OA\Schema(schema: 'Demand', type: 'string', enum: Demand::class),
        new OA\Schema(schema: 'ShippingMeasure', type: 'string', enum: ShippingMeasure::class),
        new OA\Schema(schema: 'Scheme', type: 'string', enum: Scheme::class),
        new OA\Schema(schema: 'NamedBy', type: 'string', enum: NamedBy::class),
        new OA\Schema(schema: 'ReferrerPolicy', type: 'string', enum: ReferrerPolicy::class),
        new OA\Schema(schema: 'StalePrice', type: 'string', enum: StalePrice::class),
        new OA\Schema(schema: 'PriceState', type: 'string', enum: PriceState::class),
        new OA\Schema(schema: 'PriceAct', type: 'string', enum: PriceAct::class),
        new OA\Schema(schema: 'CardState', type: 'string', enum: CardState::class),
        new OA\Schema(schema: 'SampleKind', type: 'string', enum: SampleKind::class),
        new OA\Schema(schema: 'SampleState', type: 'string', enum: SampleState::class),
        new OA\Schema(schema: 'LinkState', type: 'string', enum: LinkState::class),
        new OA\Schema(schema: 'ReportState', type: 'string', enum: ReportState::class),
        new OA\Schema(schema: 'SaleStands', type: 'string', enum: SaleStands::class),
        new OA\Schema(schema: 'CreditedBy', type: 'string', enum: CreditedBy::class),
        new OA\Schema(schema: 'SheetEncoding', type: 'string', enum: Encoding::class),
        new OA\Schema(schema: 'SheetSeparator', type: 'string', enum: Separator::class),
        new OA\Schema(schema: 'DecimalMark', type: 'string', enum: DecimalMark::class),
        new OA\Schema(schema: 'DayOrder', type: 'string', enum: DayOrder::class),
        new OA\Schema(schema: 'EarningsBy', type: 'string', enum: EarningsBy::class),
        new OA\Schema(schema: 'Counting', type: 'string', enum: Counting::class),
        new OA\Schema(schema: 'WeightUnit', type: 'string', enum: WeightUnit::class),
        new OA\Schema(schema: 'Seen', description: 'The version that a change begins with; left out, whatever is there is written over.', properties: [new OA\Property(property: 'version', description: 'Counts the changes.', type: 'integer', x: ['optional' => true])]),
        new OA\Schema(schema: 'RecoveryCodes', required: ['codes'], properties: [new OA\Property(property: 'codes', type: 'array', items: new OA\Items(type: 'string'))]),
        new OA\Schema(schema: 'ProvenEntry', required: ['password', 'code'], properties: [new OA\Property(property: 'password', type: 'string'), new OA\Property(property: 'code', description: 'Of the app, or a recovery code.', type: 'string')]),
        new OA\Schema(schema: 'Refusal', description: 'Why nothing was changed.', required: ['message'], properties: [
            new OA\Property(property: 'message', description: 'One sentence.', type: 'string'),
            new OA\Property(property: 'errors', description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
            new OA\Property(property: 'version', description: 'Where somebody else has changed it since: the version that stands now.', type: 'integer'),
            new OA\Property(property: 'clashes', description: 'Where somebody else has changed it since: what both have changed.', type: 'array', items: new OA\Items(ref: ClashResource::class)),
            new OA\Property(property: 'joined', description: 'Where somebody else has changed it since: the form with the changes of both, and theirs where both changed a field.', type: 'object', additionalProperties: new OA\AdditionalProperties),
            new OA\Property(property: 'sent', description: 'Beside them: the form as it was sent, to tell what was typed since.', type: 'object', additionalProperties: new OA\AdditionalProperties),
        ]),
    ],
    responses: [
        new OA\Response(response: 'Failed', description: 'Why it could not be done.', content: new OA\JsonContent(ref: '#/components/schemas/Refusal')),
        new OA\Response(response: 'Refused', description: 'Something entered is wrong.', content: new OA\JsonContent(ref: '#/components/schemas/Refusal')),
        new OA\Response(response: 'Changed', description: 'Somebody else has changed it since; nothing was saved.', content: new OA\JsonContent(ref: '#/components/schemas/Refusal')),
    ],
    securitySchemes: [
        new OA\SecurityScheme(securityScheme: 'session', type: 'apiKey', in: 'cookie', name: 'kite_console', description: 'Begun by signing in.'),
        new OA\SecurityScheme(securityScheme: 'token', type: 'apiKey', in: 'header', name: 'X-XSRF-TOKEN', description: 'What the cookie XSRF-TOKEN holds.'),
    ],
    parameters: [
        new OA\Parameter(parameter: 'shop', name: 'shop', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(parameter: 'offer', name: 'offer', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'placement', name: 'placement', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'look', name: 'look', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'marketplace', name: 'marketplace', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'giftCard', name: 'giftCard', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'upload', name: 'upload', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'file', name: 'file', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'sample', name: 'sample', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'download', name: 'download', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'report', name: 'report', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'shelf', name: 'shelf', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'table', name: 'priceTable', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'number', name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(parameter: 'token', name: 'token', description: 'As it stands in the link.', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(parameter: 'act', name: OnlyOnce::HEADER, description: 'A name for this act, up to 64 signs of ASCII: asked for again under it within a day, it is answered as before, and nothing is made twice.', in: 'header', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(parameter: 'search', name: 'search', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(parameter: 'page', name: 'page', in: 'query', schema: new OA\Schema(type: 'integer')),
    ],
)]
final class Api {}
