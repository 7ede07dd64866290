package bemble.server.account;

import bemble.server.faults.FaultAnswers;
import bemble.server.web.OwnComputer;
import jakarta.servlet.DispatcherType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authorization.AuthenticatedAuthorizationManager;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.authentication.configuration.AuthenticationConfiguration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.FrameOptionsConfig;
import org.springframework.security.config.annotation.web.configurers.LogoutConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may ask for what. */
@Configuration
class SecurityConfiguration {
    /**
     * What stores nothing: at this computer it is open to everybody, from other devices to teachers alone, since to a pupil
     * answers would be a tab away.
     */
    private static final String[] COMPUTING =
            {"/api/work", "/api/paper", "/api/mark", "/api/nudge", "/api/sets/draft", "/api/diagnose",
                "/api/diagnose/set", "/api/diagnose/next"};
    /** What screens draw with. */
    private static final String GEOMETRY = "/api/geometry";
    private static final String[] SIGN_IN = {"/api/account", "/api/account/**"};
    /** Pupils have no account: what they may see is asked there, of the code and the name they came in with. */
    private static final String[] PUPILS = {"/api/in", "/api/in/**"};

    @Bean
    SecurityFilterChain security(HttpSecurity http, SecurityContextRepository contexts, CsrfTokenRepository tokens,
            FaultAnswers faults, OwnComputer here) throws Exception {
        AuthenticatedAuthorizationManager<RequestAuthorizationContext> teacher =
                AuthenticatedAuthorizationManager.authenticated();
        http.authorizeHttpRequests(requests -> requests
                .requestMatchers(COMPUTING).access((who, context) -> here.asks(context.getRequest())
                        ? new AuthorizationDecision(true) : teacher.authorize(who, context))
                .requestMatchers(GEOMETRY).permitAll()
                .requestMatchers(SIGN_IN).permitAll()
                .requestMatchers(PUPILS).permitAll()
                .dispatcherTypeMatchers(DispatcherType.ASYNC).permitAll()
                .requestMatchers("/api/**", "/webjars/**").authenticated()
                .anyRequest().permitAll());
        http.csrf(csrf -> csrf.spa().csrfTokenRepository(tokens));
        http.csrf(csrf -> csrf.ignoringRequestMatchers(COMPUTING));
        http.logout(LogoutConfigurer::disable);
        http.securityContext(context -> context.securityContextRepository(contexts));
        // The browser prints a PDF of ours from a frame that is not seen.
        http.headers(headers -> headers.frameOptions(FrameOptionsConfig::sameOrigin));
        http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(
                "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; "
                        + "base-uri 'none'; frame-ancestors 'self'; form-action 'self'"))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(permissions -> permissions.policy(
                        "camera=(), geolocation=(), microphone=(), payment=(), usb=()")));
        http.exceptionHandling(handling -> handling
                .authenticationEntryPoint((request, response, exception) -> faults.notAllowed(response,
                        HttpStatus.UNAUTHORIZED, "Sign in first; what you typed is still here."))
                .accessDeniedHandler((request, response, exception) -> faults.notAllowed(response, HttpStatus.FORBIDDEN,
                        "This page is out of date. Load it again and repeat the last thing.")));
        return http.build();
    }

    /** Addresses that no browser would send are refused before anything looks at them. */
    @Bean
    RequestRejectedHandler unreadableAddresses(FaultAnswers faults) {
        return (request, response, exception) -> faults.notAllowed(response, HttpStatus.BAD_REQUEST,
                "This address cannot be read. Look it up in the description of the API.");
    }

    @Bean
    CsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        return tokens;
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    AuthenticationManager authentication(AuthenticationConfiguration configuration) throws Exception {
        return configuration.getAuthenticationManager();
    }

    @Bean
    PasswordEncoder passwords() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}
