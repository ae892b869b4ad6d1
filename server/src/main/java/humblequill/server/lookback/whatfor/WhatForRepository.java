package humblequill.server.lookback.whatfor;

import org.springframework.data.jpa.repository.JpaRepository;

interface WhatForRepository extends JpaRepository<WhatForEntity, Integer> {}
