<?php

declare(strict_types=1);

use App\Doors\Http\Answers;
use App\Doors\Http\Middleware\ChecksFields;
use App\Doors\Http\Middleware\CleansText;
use App\Doors\Http\Middleware\KeepToItself;
use App\Doors\Http\Middleware\KnownHosts;
use App\Doors\Http\Middleware\KnownProxies;
use App\Doors\Http\Middleware\NamesChannel;
use App\Doors\Http\Middleware\StartsSession;
use App\Doors\Http\Middleware\TellsRevision;
use App\Ground\Database\Busy;
use App\Ground\Work\DiskRoom;
use App\Media\Process\ToolFailed;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\MalformedUrlException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Doors/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // There is no cross-origin API; see compat/README.md.
        $middleware->remove(HandleCors::class);
        $middleware->append(KeepToItself::class);
        $middleware->web(replace: [StartSession::class => StartsSession::class]);
        $middleware->appendToGroup('web', [ChecksFields::class, TellsRevision::class]);
        // Names that the application goes by: of its own address, of this machine, and those that are given.
        $middleware->prepend(KnownHosts::class);
        $middleware->append(NamesChannel::class);
        $middleware->replace(TrustProxies::class, KnownProxies::class);
        $middleware->append(CleansText::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Refusal::class);
        $exceptions->render(fn (Refusal $problem, Request $request) => Answers::refusal($problem, $request));
        $exceptions->render(fn (ToolFailed $problem, Request $request) => Answers::toolFailed($problem, $request));
        $exceptions->render(fn (NotFoundHttpException $problem, Request $request) => Answers::nothingHere($request));
        $exceptions->render(fn (Throwable $problem, Request $request) => DiskRoom::isNamed($problem)
            ? Answers::noRoom($request)
            : null);
        $exceptions->dontReport(Busy::class);
        $exceptions->render(fn (Throwable $problem, Request $request) => Busy::isNamed($problem)
            ? Answers::busy($request)
            : null);
        // A token of a page that has been open for too long, or whose session could not be written.
        $exceptions->render(fn (HttpException $problem, Request $request) => $problem->getStatusCode() === 419
            ? Answers::expired($request)
            : null);
        $exceptions->render(fn (MalformedUrlException $problem, Request $request) => Answers::nothingHere($request));
        $exceptions->render(
            fn (BadRequestHttpException $problem) => $problem->getPrevious() instanceof SuspiciousOperationException
                ? Answers::strangeHost()
                : null,
        );
        $exceptions->render(fn (PostTooLargeException $problem, Request $request) => Answers::tooLarge($request));
    })
    ->create();
