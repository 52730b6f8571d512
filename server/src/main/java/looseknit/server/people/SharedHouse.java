package looseknit.server.people;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.DefaultSecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;

/** What people may do in a house that is shared. Whoever is not signed in gets the pages, which hold no data, and nothing else. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnBooleanProperty("looseknit.share")
@EnableWebSecurity
class SharedHouse {

    /** After the guard, which looks at every request first. */
    private static final int AFTER_THE_GUARD = -100;

    private static final String API = "/api/**";

    /** Posts that only work something out. */
    static final String[] TRIED_OUT = {
        "/api/evaluate",
        "/api/swaps",
        "/api/pot-and-mix",
        "/api/targets",
        "/api/pots/volume",
        "/api/outlook",
        "/api/chance",
        "/api/pots/layers",
        "/api/pots/standing",
        "/api/season",
        "/api/planting/**",
        "/api/starts",
        "/api/named",
        "/api/plants-by-looks",
        "/api/batches/*/adjust/thought-of",
        "/api/recipes/**",
        "/api/shared-blends/look",
        "/api/shared-blends/read",
        "/api/finds/**",
        "/api/shelf/worth",
        "/api/shelf/buy",
        "/api/doses/**",
        "/api/own-materials/preview",
        "/api/pottings/*/diagnosis",
        "/api/pottings/*/weight"
    };

    /** What a helper does: rounds, batches, tests, counts. */
    static final String[] DAILY_WORK = {
        "/api/looks/**",
        "/api/round/**",
        "/api/pottings/*/events",
        "/api/pottings/*/troubles",
        "/api/pottings/*/scale",
        "/api/pottings/several",
        "/api/pottings",
        "/api/pot-events/**",
        "/api/troubles/**",
        "/api/photos/**",
        "/api/batches/**",
        "/api/blends/*/tests",
        "/api/tests/**",
        "/api/shelf/count",
        "/api/climate/**",
        "/api/devices/**"
    };

    @Bean
    SecurityContextRepository signedIn() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    UserDetailsService accountsByName(@Lazy final AccountRepository accounts) {
        return name -> accounts.findByNameIgnoreCase(name)
                .map(account -> User.withUsername(account.name())
                        .password(account.password())
                        .roles(account.role().name())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException(""));
    }

    @Bean
    AuthenticationManager signingIn(final UserDetailsService accountsByName) {
        final DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accountsByName);
        provider.setPasswordEncoder(Passwords.encoder());
        return new ProviderManager(provider);
    }

    @Bean
    DefaultSecurityFilterChain roles(
            final HttpSecurity http, final AccountRepository accounts, final SecurityContextRepository signedIn) {
        final String keeper = Role.KEEPER.name();
        return http.authorizeHttpRequests(may -> may.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers("/api/people/me", "/api/people/sign-in", "/api/units", "/actuator/health")
                        .permitAll()
                        .requestMatchers("/api/people/sign-out", "/api/people/own-password")
                        .authenticated()
                        .requestMatchers("/api/people/**", "/api/house/**", "/actuator/**")
                        .hasRole(keeper)
                        .requestMatchers(HttpMethod.GET, API)
                        .authenticated()
                        .requestMatchers(HttpMethod.HEAD, API)
                        .authenticated()
                        .requestMatchers(TRIED_OUT)
                        .authenticated()
                        .requestMatchers(DAILY_WORK)
                        .hasAnyRole(keeper, Role.HELPER.name())
                        .requestMatchers(API)
                        .hasRole(keeper)
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(signedIn))
                .sessionManagement(session -> session.sessionFixation(fixation -> fixation.changeSessionId()))
                .addFilterBefore(new SignedOutElsewhere(accounts), SecurityContextHolderFilter.class)
                .headers(headers -> headers.defaultsDisabled()
                        .httpStrictTransportSecurity(strict -> strict.includeSubDomains(false)))
                .exceptionHandling(
                        refused -> refused.authenticationEntryPoint((request, response, why) -> refuse(
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        "This house is shared: sign in first. What you typed is kept in this browser."))
                                .accessDeniedHandler(
                                        (request, response, why) -> refuse(
                                                response,
                                                HttpStatus.FORBIDDEN,
                                                "Your role in this house does not allow this. Ask a keeper to do it, or for another role.")))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .anonymous(anonymous -> {})
                .build();
    }

    @Bean
    FilterRegistrationBean<Filter> rolesOnEveryRequest(@Qualifier("springSecurityFilterChain") final Filter chain) {
        final FilterRegistrationBean<Filter> filter = new FilterRegistrationBean<>(chain);
        filter.setOrder(AFTER_THE_GUARD);
        filter.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR);
        return filter;
    }

    static void refuse(final HttpServletResponse response, final HttpStatus status, final String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.getWriter()
                .write("{\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(status.getReasonPhrase(), status.value(), detail));
    }
}
