<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use League\OAuth2\Client\Provider\Exception\IdentityProviderException;
use League\OAuth2\Client\Provider\GenericProvider;
use League\OAuth2\Client\Token\AccessTokenInterface;
use UnexpectedValueException;

/** Signs in at a publishing service: OAuth 2 with a code and PKCE (RFC 6749, RFC 7636), withdrawn by RFC 7009. */
final readonly class ServiceSignIn
{
    /** Before a token ends by its own account, another is asked for. */
    private const EARLY_SECONDS = 30;

    private const USUAL_SECONDS = 3_600;

    public function __construct(private OutletPlace $place)
    {
    }

    /**
     * Where somebody is sent to sign in.
     *
     * @return array{address: string, state: string, verifier: string} what is kept until they come back
     */
    public function begin(string $back): array
    {
        $provider = $this->provider($back);
        $address = $provider->getAuthorizationUrl(['scope' => 'post results']);

        return [
            'address' => $address, 'state' => $provider->getState(), 'verifier' => (string) $provider->getPkceCode(),
        ];
    }

    /**
     * @return array{access: string, refresh: string, ends: int}
     *
     * @throws OutletFailure
     */
    public function finish(string $back, string $code, string $verifier): array
    {
        $provider = $this->provider($back);
        $provider->setPkceCode($verifier);

        return $this->tokens($provider, 'authorization_code', ['code' => $code], '');
    }

    /**
     * @return array{access: string, refresh: string, ends: int}
     *
     * @throws OutletFailure
     */
    public function renew(string $refresh): array
    {
        return $this->tokens($this->provider(''), 'refresh_token', ['refresh_token' => $refresh], $refresh);
    }

    /** Says that nobody is to be let in by it any more; where that is not heard, it ends by itself. */
    public function withdraw(string $refresh): void
    {
        try {
            $this->client()->post($this->at('/revoke'), ['form_params' => [
                'token' => $refresh, 'client_id' => $this->place->text('client_id'),
            ]]);
        } catch (GuzzleException) {
            // It is forgotten here all the same.
        }
    }

    /**
     * @param  array<string, string>  $with
     * @return array{access: string, refresh: string, ends: int}
     *
     * @throws OutletFailure
     */
    private function tokens(GenericProvider $provider, string $grant, array $with, string $refresh): array
    {
        try {
            $token = $provider->getAccessToken($grant, $with);
        } catch (IdentityProviderException $problem) {
            throw $problem->getCode() >= 500
                ? OutletFailure::later('It lets nobody sign in at this moment.')
                : OutletFailure::signedOut();
        } catch (GuzzleException|UnexpectedValueException) {
            throw OutletFailure::later('It gave no answer to who wanted to sign in.');
        }

        return $this->kept($token, $refresh);
    }

    /** @return array{access: string, refresh: string, ends: int} */
    private function kept(AccessTokenInterface $token, string $refresh): array
    {
        return [
            'access' => $token->getToken(),
            'refresh' => $token->getRefreshToken() ?? $refresh,
            'ends' => ($token->getExpires() ?? time() + self::USUAL_SECONDS) - self::EARLY_SECONDS,
        ];
    }

    private function provider(string $back): GenericProvider
    {
        return new GenericProvider([
            'clientId' => $this->place->text('client_id'),
            'clientSecret' => $this->place->text('client_secret'),
            'redirectUri' => $back,
            'urlAuthorize' => $this->at('/authorize'),
            'urlAccessToken' => $this->at('/token'),
            'urlResourceOwnerDetails' => $this->at('/me'),
            'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
        ], ['httpClient' => $this->client()]);
    }

    private function client(): Client
    {
        return new Client(['timeout' => $this->place->whole('timeout', 20), 'allow_redirects' => false]);
    }

    private function at(string $path): string
    {
        return rtrim($this->place->text('url'), '/').$path;
    }
}
